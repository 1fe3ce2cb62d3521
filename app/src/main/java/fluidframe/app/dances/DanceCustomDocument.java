package fluidframe.app.dances;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.storage.PlainDocument;
import fluidframe.core.time.Tempo;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * What the studio holds differently of a dance; what is absent is as the catalogue has it.
 *
 * @param id the dance's
 * @param title the dance's
 * @param startBeats beats of the bar, from 1, on which a figure may start
 * @param slow beats, such as 2 or 1 1/2
 * @param feel what "a" is worth: quarter or triplet
 * @param slowest bars a minute
 * @param fastest bars a minute
 * @param stepLength metres
 * @param teaching the ids of the figures that are taught first, in order; the others follow as the program puts them
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "DanceCustom")
public record DanceCustomDocument(
        @NotNull(message = "the id of a dance") String id,
        @NotNull(message = "the title of the dance") String title,
        @Size(max = 4, message = "at most 4 beats") List<@NotNull(message = "a beat") Integer> startBeats,
        String slow,
        String feel,

        @Schema(minimum = "" + Tempo.SLOWEST, maximum = "" + Tempo.FASTEST)
        Integer slowest,

        @Schema(minimum = "" + Tempo.SLOWEST, maximum = "" + Tempo.FASTEST)
        Integer fastest,

        @Schema(minimum = "1", maximum = "" + DanceCustomReading.MOST_PHRASE_BARS)
        Integer phraseBars,

        @Schema(minimum = "" + DanceCustomReading.SHORTEST_STEP, maximum = "" + DanceCustomReading.LONGEST_STEP)
        Double stepLength,

        @Size(max = 400, message = "at most 400 figures") List<@NotNull(message = "a figure's id") String> teaching)
        implements PlainDocument {

    @Override
    public DanceCustomDocument called(String otherId, String otherTitle) {
        return new DanceCustomDocument(
                otherId, otherTitle, startBeats, slow, feel, slowest, fastest, phraseBars, stepLength, teaching);
    }
}
