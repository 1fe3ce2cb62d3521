package fluidframe.app.routines;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.work.Work;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
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
    private final FigureStore store;
    private final RoutineStandings standings;
    private final Work work;

    StandingResource(FigureReading figures, FigureStore store, RoutineStandings standings, Work work) {
        this.figures = figures;
        this.store = store;
        this.standings = standings;
        this.work = work;
    }

    /**
     * How many bars a routine has, how many of its seams break and bend, and how often a wall or an obstacle is hit;
     * the titles of its figures whose charts do not add up, whether its tempo is one the studio has for its dance, the
     * highest level of its figures and what it is for; the problems keep it from being danced at all.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "RoutineStanding")
    record StandingDocument(
            String routine,
            String bars,
            int breaks,
            int bends,
            int hits,
            boolean usualTempo,
            String level,
            String kind,
            WayDocument way,
            List<String> unsound,
            List<String> problems) {

        static StandingDocument of(RoutineStandings.Standing standing, List<String> unsound) {
            return new StandingDocument(
                    standing.routine(),
                    standing.bars().toString(),
                    standing.breaks(),
                    standing.bends(),
                    standing.hits(),
                    standing.usualTempo(),
                    standing.level().map(Level::shorthand).orElse(null),
                    standing.kind().shorthand(),
                    standing.way().map(WayDocument::of).orElse(null),
                    unsound,
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
        return work.patiently(() -> standings.all().stream()
                .map(standing -> StandingDocument.of(standing, store.unsound(standing.figures())))
                .toList());
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
