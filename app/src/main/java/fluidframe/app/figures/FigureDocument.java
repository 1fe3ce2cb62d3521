package fluidframe.app.figures;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonPropertyOrder;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;

import java.util.List;

/** A figure in the open format. Chart cells are shorthand; what is absent is empty. */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@JsonPropertyOrder({"id", "dance", "title", "level", "bars", "start", "end", "startAlignments", "insistsOnAlignment",
        "sameFoot", "man", "lady", "timings", "splits", "follows", "precedes", "cues", "faults", "drills", "cautions"})
@Schema(name = "Figure")
public record FigureDocument(
        @NotNull(message = "an id") String id,
        @NotNull(message = "a dance") String dance,
        @NotNull(message = "a title") String title,
        @NotNull(message = "a level") String level,
        @NotNull(message = "a number of bars") String bars,
        @NotNull(message = "position and hold at the start") @Valid RelationDocument start,
        @NotNull(message = "position and hold at the end") @Valid RelationDocument end,
        List<@NotNull(message = "an alignment") String> startAlignments,
        @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean insistsOnAlignment,
        @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean sameFoot,
        @NotNull(message = "the man's chart") List<@Valid @NotNull(message = "a row") RowDocument> man,
        @NotNull(message = "the lady's chart") List<@Valid @NotNull(message = "a row") RowDocument> lady,
        List<@Valid @NotNull(message = "a timing") TimingDocument> timings,
        List<@Valid @NotNull(message = "a split") SplitDocument> splits,
        List<@NotNull(message = "a figure's id") String> follows,
        List<@NotNull(message = "a figure's id") String> precedes,
        List<@NotNull(message = "a cue") String> cues,
        List<@NotNull(message = "a fault") String> faults,
        List<@NotNull(message = "a drill") String> drills,
        List<@NotNull(message = "a caution") String> cautions) {

    /** Position and hold. */
    @Schema(name = "Relation")
    public record RelationDocument(@NotNull(message = "a position") String position, @NotNull(message = "a hold") String hold) {
    }

    /** One chart row. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Row")
    public record RowDocument(String count, String foot, String footPosition, String alignment, String turn, String rise,
                              String footwork, String sway, String cbm, String action, String body, String relation,
                              String note) {
    }

    /** Another count for the same rows. */
    @Schema(name = "NamedTiming")
    public record TimingDocument(@NotNull(message = "a name") String name, @NotNull(message = "the man's count") String man,
                                 @NotNull(message = "the lady's count") String lady) {
    }

    /** A part the figure may be used in, rows from 1. */
    @Schema(name = "Split")
    public record SplitDocument(@NotNull(message = "a name") String name, int first, int last) {
    }
}
