package fluidframe.app.composing;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.core.couple.Part;
import fluidframe.core.standing.Place;
import fluidframe.core.standing.Ruling;
import fluidframe.core.standing.Standing;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;

/** What is asked about a routine and the rules of an event, and what is answered. */
final class RulingDocuments {

    private RulingDocuments() {}

    /**
     * A routine, and the rules it is held against; without a division every one in which its dance is danced, without a
     * profile those of all events.
     */
    @Schema(name = "StandingQuestion")
    record StandingQuestion(
            @NotNull(message = "a routine") @Valid RoutineDocument routine, String profile, String division) {}

    /** A rule that a routine breaks, and which of the places it breaks it at; the first where it concerns the whole. */
    @Schema(name = "RulingRepairQuestion")
    record RulingRepairQuestion(
            @NotNull(message = "a routine") @Valid RoutineDocument routine,
            @NotNull(message = "a profile") String profile,
            @NotNull(message = "a division") String division,
            @NotNull(message = "a rule") String rule,
            int place) {}

    /** Where in a routine a rule is met with; part and row where it concerns a step, the row counted from 0. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "RulingPlace")
    record PlaceDocument(int passage, int placement, int bar, int beat, String part, Integer row, String what) {

        static PlaceDocument of(Place place, Standing standing) {
            return new PlaceDocument(
                    place.passage(),
                    standing.score().placements().get(place.passage()).passage().index(),
                    place.bar(),
                    place.beat(),
                    place.part().map(Part::key).orElse(null),
                    place.row().orElse(null),
                    place.what());
        }
    }

    /** How a routine stands against one rule: holds, near, breaks. */
    @Schema(name = "Ruling")
    record RulingDocument(
            String rule, String title, String stand, String found, String wanted, List<PlaceDocument> places) {

        static RulingDocument of(Ruling ruling, Standing standing) {
            return new RulingDocument(
                    ruling.rule().name().toLowerCase(Locale.ROOT),
                    ruling.rule().title(),
                    ruling.stand().wording(),
                    ruling.found(),
                    ruling.wanted(),
                    ruling.places().stream()
                            .map(place -> PlaceDocument.of(place, standing))
                            .toList());
        }
    }

    /** How a routine stands against a division: as badly as against the worst of its rules. */
    @Schema(name = "RuleStanding")
    record StandingDocument(
            String profile, String profileTitle, String division, String stand, List<RulingDocument> rulings) {

        static StandingDocument of(String profile, String title, Standing standing) {
            return new StandingDocument(
                    profile,
                    title,
                    standing.division().title(),
                    standing.stand().wording(),
                    standing.rulings().stream()
                            .map(ruling -> RulingDocument.of(ruling, standing))
                            .toList());
        }
    }

    /** How a routine that a couple dances in a round stands; a sentence instead where it cannot be read. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "EntryStanding")
    record EntryStandingDocument(
            String round, String couple, String routine, String title, StandingDocument standing, String problem) {}

    /** What mends it: the placements then, or a tempo in bars a minute. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "RulingRepair")
    record RulingRepairDocument(String sentence, List<PlacementDocument> placements, Integer tempo) {}
}
