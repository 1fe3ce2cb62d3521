package fluidframe.app.amalgamations;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.problems.Faults;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.app.storage.PlainDocument;
import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.figure.Level;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Figures that are taught together as one thing, in the open format.
 *
 * @param level the lowest couple it is given to; where it is left out the level of its hardest figure
 * @param uses where in a routine it belongs
 * @param energy from 1, which stands or breathes, to 5, which is the peak
 * @param why what it is good for
 * @param placements its figures as they are danced by themselves
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Amalgamation")
public record AmalgamationDocument(
        @NotNull(message = "an id") String id,

        @Schema(maxLength = Faults.LONGEST_NAME) @NotNull(message = "a title")
        String title,

        @NotNull(message = "a dance") String dance,
        String level,

        @JsonInclude @NotNull(message = "uses") @Size(min = 1, max = 4, message = "1 to 4 uses")
        List<@NotNull(message = "a use") String> uses,

        @Schema(minimum = "" + Amalgamation.LEAST_ENERGY, maximum = "" + Amalgamation.MOST_ENERGY)
        @NotNull(message = "an energy")
        Integer energy,

        @Size(max = 600, message = "at most 600 letters") String why,

        @JsonInclude
        @NotNull(message = "placements")
        @Size(min = 1, max = AmalgamationReading.MOST_PLACEMENTS, message = "1 to 24 placements")
        List<@Valid @NotNull(message = "a placement") PlacementDocument> placements)
        implements PlainDocument {

    /** The ids of the figures it needs. */
    public List<String> figures() {
        return placements.stream()
                .map(PlacementDocument::figure)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    /** The same at a level. */
    AmalgamationDocument at(Level other) {
        return new AmalgamationDocument(id, title, dance, other.shorthand(), uses, energy, why, placements);
    }

    @Override
    public AmalgamationDocument called(String otherId, String otherTitle) {
        return new AmalgamationDocument(otherId, otherTitle, dance, level, uses, energy, why, placements);
    }

    /** The same with figures of other ids, where there are some, in the place of its own. */
    public AmalgamationDocument dancing(Map<String, String> otherIds) {
        return new AmalgamationDocument(
                id,
                title,
                dance,
                level,
                uses,
                energy,
                why,
                placements.stream()
                        .map(placement -> placement.dancing(otherIds))
                        .toList());
    }
}
