package fluidframe.app.figures;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonPropertyOrder;
import fluidframe.core.notation.DraftReader;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/** A figure in the open format. Chart cells are shorthand; what is absent is empty. */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@JsonPropertyOrder({
    "id",
    "dance",
    "feel",
    "title",
    "otherNames",
    "level",
    "bars",
    "start",
    "end",
    "startAlignments",
    "insistsOnAlignment",
    "sameFoot",
    "eitherFoot",
    "curve",
    "opens",
    "closes",
    "school",
    "man",
    "lady",
    "timings",
    "splits",
    "entries",
    "finishes",
    "repeat",
    "schools",
    "follows",
    "precedes",
    "cues",
    "faults",
    "drills",
    "cautions",
    "lastRead",
    "mutes",
    "derived"
})
@Schema(name = "Figure")
public record FigureDocument(
        @NotNull(message = "an id") String id,
        @NotNull(message = "a dance") String dance,
        String feel,

        @NotNull(message = "a title") @Schema(maxLength = DraftReader.LONGEST_NAME)
        String title,

        List<@NotNull(message = "another name") String> otherNames,
        @NotNull(message = "a level") String level,
        @NotNull(message = "a number of bars") String bars,

        @NotNull(message = "position and hold at the start") @Valid
        RelationDocument start,

        @NotNull(message = "position and hold at the end") @Valid
        RelationDocument end,

        List<@NotNull(message = "an alignment") String> startAlignments,
        @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean insistsOnAlignment,
        @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean sameFoot,
        @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean eitherFoot,
        String curve,
        Boolean opens,
        Boolean closes,
        @Valid SchoolsDocument school,
        @NotNull(message = "the man's chart") List<@Valid @NotNull(message = "a row") RowDocument> man,
        @NotNull(message = "the lady's chart") List<@Valid @NotNull(message = "a row") RowDocument> lady,
        List<@Valid @NotNull(message = "a timing") TimingDocument> timings,
        List<@Valid @NotNull(message = "a split") SplitDocument> splits,
        List<@Valid @NotNull(message = "an entry") VariationDocument> entries,
        List<@Valid @NotNull(message = "a finish") VariationDocument> finishes,
        @Valid RepeatDocument repeat,
        List<@Valid @NotNull(message = "a school") VariationDocument> schools,
        List<@NotNull(message = "a figure's id") String> follows,
        List<@NotNull(message = "a figure's id") String> precedes,
        List<@NotNull(message = "a cue") String> cues,
        List<@NotNull(message = "a fault") String> faults,
        List<@NotNull(message = "a drill") String> drills,
        List<@NotNull(message = "a caution") String> cautions,
        String lastRead,
        List<@Valid @NotNull(message = "a mute") MuteDocument> mutes,
        List<@NotNull(message = "a place") String> derived) {

    /** The same under another id and title. */
    public FigureDocument called(String otherId, String otherTitle) {
        return new FigureDocument(
                otherId,
                dance,
                feel,
                otherTitle,
                otherNames,
                level,
                bars,
                start,
                end,
                startAlignments,
                insistsOnAlignment,
                sameFoot,
                eitherFoot,
                curve,
                opens,
                closes,
                school,
                man,
                lady,
                timings,
                splits,
                entries,
                finishes,
                repeat,
                schools,
                follows,
                precedes,
                cues,
                faults,
                drills,
                cautions,
                lastRead,
                mutes,
                derived);
    }

    /** Position, hold and, where it is not the usual, proximity. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "Relation")
    public record RelationDocument(
            @NotNull(message = "a position") String position,
            @NotNull(message = "a hold") String hold,
            String proximity) {}

    /** The schools the two charts are written in. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "Schools")
    public record SchoolsDocument(String man, String lady) {}

    /** Rows that may be repeated, counted from 1; the lady's only where they differ. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "Repeat")
    public record RepeatDocument(
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
            int first,

            @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
            int last,

            Integer ladyFirst,
            Integer ladyLast,
            @NotNull(message = "numbers of repeats") String times) {}

    /** Another way of dancing some rows. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Variation")
    public record VariationDocument(
            @NotNull(message = "a name") String name,
            List<@Valid @NotNull(message = "a changed row") RowChangeDocument> man,
            List<@Valid @NotNull(message = "a changed row") RowChangeDocument> lady,
            @Valid RelationDocument start,
            @Valid RelationDocument end) {}

    /** The cells of one row, counted from 1, that differ; an empty text empties the cell. */
    @Schema(name = "RowChange")
    public record RowChangeDocument(
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
            int row,

            @NotNull(message = "the changed cells") RowDocument cells) {}

    /** A finding that is accepted, with the reason; without a place it is accepted everywhere in the figure. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Mute")
    public record MuteDocument(
            @NotNull(message = "a rule's id") String rule,
            String at,
            @NotNull(message = "a reason") String reason) {}

    /** One chart row. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "Row")
    public record RowDocument(
            String count,
            String words,
            String foot,
            String footPosition,
            String alignment,
            String turn,
            String rise,
            String footwork,
            String sway,
            String cbm,
            String action,
            String body,
            String relation,
            String arms,
            String lead,
            String note) {}

    /** Another count for the same rows. */
    @Schema(name = "NamedTiming")
    public record TimingDocument(
            @NotNull(message = "a name") String name,
            @NotNull(message = "the man's count") String man,
            @NotNull(message = "the lady's count") String lady) {}

    /**
     * A part the figure may be used in, rows from 1; where the man may stand before it, if not only where the whole
     * figure leads him.
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Split")
    public record SplitDocument(
            @NotNull(message = "a name") String name,

            @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
            int first,

            @Schema(requiredMode = Schema.RequiredMode.REQUIRED)
            int last,

            List<@NotNull(message = "an alignment") String> startAlignments,
            String purpose) {}
}
