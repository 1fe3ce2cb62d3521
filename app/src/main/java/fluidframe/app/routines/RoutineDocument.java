package fluidframe.app.routines;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;

import java.util.List;

/** A routine in the open format. */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Routine")
public record RoutineDocument(
        @NotNull(message = "an id") String id,
        @NotNull(message = "a title") String title,
        @NotNull(message = "a dance") String dance,
        @NotNull(message = "a tempo in bars a minute") Integer tempo,
        @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean syllabus,
        String level,
        @JsonInclude @NotNull(message = "placements") List<@Valid @NotNull(message = "a placement") PlacementDocument> placements) {

    /**
     * A figure placed in a routine: the part, finish, timing, school and number of repeats it is danced in, absent as charted; start
     * is the man's alignment it starts on here, absent for the nearest.
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Placement")
    public record PlacementDocument(@NotNull(message = "a figure's id") String figure, String split, String finish, String timing,
                                    Integer repeats, String school, String start,
                                    @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean cornerAfter,
                                    @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean highlight, String note) {
    }
}
