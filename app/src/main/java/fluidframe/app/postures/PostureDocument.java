package fluidframe.app.postures;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.problems.Faults;
import fluidframe.app.storage.PlainDocument;
import fluidframe.core.posture.Posture;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A sheet of posture and hold in the open format; its words are the shorthand of the notation.
 *
 * @param dances the ids of the dances it is for
 * @param proximity close where absent
 * @param build how it is built up, in order
 * @param schools where schools differ
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "PostureSheet")
public record PostureDocument(
        @NotNull(message = "an id") String id,

        @Schema(maxLength = Faults.LONGEST_NAME) @NotNull(message = "a title")
        String title,

        @JsonInclude @NotNull(message = "dances") @Size(min = 1, max = 40, message = "1 to 40 dances")
        List<@NotNull(message = "a dance") String> dances,

        @NotNull(message = "a position") String position,
        @NotNull(message = "a hold") String hold,
        String proximity,
        @NotNull(message = "the man's posture") @Valid DancerPostureDocument man,
        @NotNull(message = "the lady's posture") @Valid DancerPostureDocument lady,
        @NotNull(message = "a frame") @Valid FrameDocument frame,

        @Size(max = 20, message = "at most 20 lines")
        List<@NotNull(message = "words") @Size(max = 400, message = "at most 400 letters") String> build,

        @Size(max = 20, message = "at most 20 lines")
        List<@NotNull(message = "words") @Size(max = 400, message = "at most 400 letters") String> faults,

        @Size(max = 20, message = "at most 20 lines")
        List<@NotNull(message = "words") @Size(max = 400, message = "at most 400 letters") String> drills,

        @Size(max = 12, message = "at most 12 cautions") List<@NotNull(message = "a caution") String> cautions,

        @Size(max = 6, message = "at most 6 lines")
        List<@NotNull(message = "words") @Size(max = 600, message = "at most 600 letters") String> schools)
        implements PlainDocument {

    /** How one of the two stands, from the feet up; degrees of lean are backward where negative. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Posture")
    public record DancerPostureDocument(
            @NotNull(message = "how the feet stand") String feet,
            @NotNull(message = "how far the knees bend") String knees,
            @NotNull(message = "where the hips are") String hips,
            @NotNull(message = "how the ribs are held") String ribs,
            @NotNull(message = "how the shoulders are held") String shoulders,
            @NotNull(message = "where the head looks") String head,
            @NotNull(message = "where the weight is") String weight,

            @Schema(minimum = "" + Posture.MOST_BACKWARD, maximum = "" + Posture.MOST_FORWARD)
            @NotNull(message = "degrees")
            Integer lean,

            @Size(max = 400, message = "at most 400 letters")
            String note) {}

    /**
     * How they are joined: centimetres between them and to his right, how high the joined hands, centimetres out,
     * degrees by which the elbows hang.
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "Frame")
    public record FrameDocument(
            @NotNull(message = "centimetres") Integer distance,
            @NotNull(message = "centimetres") Integer offset,
            @NotNull(message = "how high the hands") String hands,
            @NotNull(message = "centimetres") Integer out,
            @NotNull(message = "degrees") Integer elbows,

            @Size(max = 200, message = "at most 200 letters")
            String touch,

            @NotNull(message = "tracks") String tracks) {}

    @Override
    public PostureDocument called(String otherId, String otherTitle) {
        return new PostureDocument(
                otherId,
                otherTitle,
                dances,
                position,
                hold,
                proximity,
                man,
                lady,
                frame,
                build,
                faults,
                drills,
                cautions,
                schools);
    }
}
