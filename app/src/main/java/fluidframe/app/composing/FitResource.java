package fluidframe.app.composing;

import fluidframe.app.composing.FitDocuments.CutDocument;
import fluidframe.app.composing.FitDocuments.FitDocument;
import fluidframe.app.composing.FitDocuments.FitRepairDocument;
import fluidframe.app.composing.FitDocuments.FitRepairQuestion;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.Scores;
import fluidframe.app.work.SearchTime;
import fluidframe.app.work.Work;
import fluidframe.core.fit.Fit;
import fluidframe.core.fit.FitRepair;
import fluidframe.core.fit.FitRepairs;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Routine;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.time.Duration;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A routine laid on its piece of music, and what mends where it does not fit. Nothing is stored. */
@RestController
@RequestMapping("/api")
@Tag(name = "fits")
class FitResource {

    private static final Duration LONGEST = Duration.ofSeconds(6);

    private final RoutineReader reader;
    private final Repertoires repertoires;
    private final Scores scores;
    private final Work work;
    private final SearchTime searchTime;

    FitResource(RoutineReader reader, Repertoires repertoires, Scores scores, Work work, SearchTime searchTime) {
        this.reader = reader;
        this.repertoires = repertoires;
        this.scores = scores;
        this.work = work;
        this.searchTime = searchTime;
    }

    @PostMapping("/fits")
    FitDocument fit(@Valid @RequestBody RoutineDocument document) {
        return work.quickly(() -> FitDocument.of(fitOf(document)));
    }

    private Fit fitOf(RoutineDocument document) {
        Routine routine = reader.read(document);
        if (routine.laying().isEmpty()) {
            throw RefusedException.of(
                    "/music", ComposingSentences.noPiece(), ComposingSentences.thePieceItIsDancedTo());
        }
        return Fit.of(scores.of(routine));
    }

    @PostMapping("/fit-repairs")
    List<FitRepairDocument> repairs(@Valid @RequestBody FitRepairQuestion question) {
        return work.patiently(() -> {
            Fit fit = fitOf(question.routine());
            if (question.misfit() < 0 || question.misfit() >= fit.misfits().size()) {
                throw RefusedException.of(
                        "/misfit",
                        String.valueOf(question.misfit()),
                        ComposingSentences.aMisfitFrom0To((fit.misfits().size() - 1)));
            }
            Repertoire repertoire = repertoires.of(
                    fit.score().routine().dance(), fit.score().routine().conditions());
            return FitRepairs.of(
                            fit.misfits().get(question.misfit()),
                            fit,
                            repertoire,
                            searchTime.startingNow(LONGEST)::getAsBoolean)
                    .stream()
                    .map(repair -> document(repair, fit, question.routine()))
                    .toList();
        });
    }

    private static FitRepairDocument document(FitRepair repair, Fit fit, RoutineDocument sent) {
        if (repair instanceof FitRepair.Cut cut) {
            return new FitRepairDocument(repair.sentence(), null, CutDocument.of(cut.cut()), null);
        }
        if (repair instanceof FitRepair.Paced paced) {
            return new FitRepairDocument(repair.sentence(), null, null, paced.factor());
        }
        return new FitRepairDocument(
                repair.sentence(),
                new RoutineWriter(sent, fit.score().routine()).placements(((FitRepair.Danced) repair).rewritten()),
                null,
                null);
    }
}
