package fluidframe.app.amalgamations;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.amalgamations.Amalgamations.Shelved;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.WayDocument;
import fluidframe.app.storage.PlainResource;
import fluidframe.app.work.Work;
import fluidframe.core.dance.Dances;
import fluidframe.core.link.Outcome;
import fluidframe.core.routine.Score;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Amalgamations over HTTP. */
@RestController
@RequestMapping("/api/amalgamations")
@Tag(name = "amalgamations")
class AmalgamationResource extends PlainResource<AmalgamationDocument> {

    private final Amalgamations amalgamations;
    private final Work work;

    AmalgamationResource(AmalgamationStore store, Amalgamations amalgamations, Work work) {
        super(store);
        this.amalgamations = amalgamations;
        this.work = work;
    }

    /**
     * One of a list, with how long it is, how many of its seams bend and break, and its way over the floor; or with the
     * problem that keeps it from being danced.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "AmalgamationSummary")
    record SummaryDocument(
            AmalgamationDocument amalgamation, String bars, int bends, int breaks, WayDocument way, String problem) {

        static SummaryDocument of(Shelved shelved) {
            return new SummaryDocument(
                    shelved.document(),
                    shelved.score().map(SummaryDocument::bars).orElse(null),
                    shelved.score()
                            .map(score -> score.course().count(Outcome.BENDS))
                            .orElse(0),
                    shelved.score()
                            .map(score -> score.course().count(Outcome.BREAKS))
                            .orElse(0),
                    shelved.way().map(WayDocument::of).orElse(null),
                    shelved.problem().orElse(null));
        }

        private static String bars(Score score) {
            return score.routine().bars().toString();
        }
    }

    /** Those of a dance, by title. */
    @GetMapping
    List<SummaryDocument> list(@RequestParam String dance) {
        String id = Dances.find(dance)
                .orElseThrow(() -> RefusedException.of("/dance", dance, AmalgamationsSentences.theIdOfADance()))
                .id();
        return work.quickly(
                () -> amalgamations.shelf(id).stream().map(SummaryDocument::of).toList());
    }
}
