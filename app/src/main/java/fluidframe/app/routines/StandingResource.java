package fluidframe.app.routines;

import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.work.Work;
import fluidframe.core.figure.Figure;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the routines stand with the figures as they are, and with a figure as it might be. */
@RestController
@RequestMapping("/api")
@Tag(name = "routines")
class StandingResource {

    private final FigureReading figures;
    private final RoutineStandings standings;
    private final Work work;

    StandingResource(FigureReading figures, RoutineStandings standings, Work work) {
        this.figures = figures;
        this.standings = standings;
        this.work = work;
    }

    /**
     * How many bars a routine has, how many of its seams break and bend, and how often a wall or an obstacle is hit;
     * the problems keep it from being danced at all.
     */
    @Schema(name = "RoutineStanding")
    record StandingDocument(String routine, String bars, int breaks, int bends, int hits, List<String> problems) {

        static StandingDocument of(RoutineStandings.Standing standing) {
            return new StandingDocument(
                    standing.routine(),
                    standing.bars().toString(),
                    standing.breaks(),
                    standing.bends(),
                    standing.hits(),
                    standing.problems());
        }
    }

    /**
     * What a changed figure would do to a routine that dances it: the seams that would newly break, and what would keep
     * it from being danced at all.
     */
    @Schema(name = "RoutineEffect")
    record EffectDocument(String routine, String title, List<LooseSeamDocument> seams, List<String> problems) {

        static EffectDocument of(RoutineStandings.Effect effect) {
            return new EffectDocument(
                    effect.routine(),
                    effect.title(),
                    effect.seams().stream().map(LooseSeamDocument::of).toList(),
                    effect.problems());
        }
    }

    @GetMapping("/routine-standings")
    List<StandingDocument> standings() {
        return work.patiently(
                () -> standings.all().stream().map(StandingDocument::of).toList());
    }

    /** Every routine that dances a figure, and what the figure as it is sent here would do to it; nothing is stored. */
    @PostMapping("/figures/{id}/effects")
    List<EffectDocument> effects(@PathVariable String id, @Valid @RequestBody FigureDocument document) {
        if (!id.equals(document.id())) {
            throw new RefusedException(
                    RoutinesSentences.aFigureKeepsItsId(), List.of(Fault.of("/id", document.id(), id)));
        }
        Figure changed = figures.accepted(document, "");
        return work.quickly(() ->
                standings.effects(changed).stream().map(EffectDocument::of).toList());
    }
}
