package fluidframe.app.people;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.problems.Faults;
import fluidframe.app.storage.PlainDocument;
import fluidframe.core.geometry.Dancers;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * Somebody who is taught.
 *
 * @param title the name
 * @param level how far; absent where it is not known
 * @param dances the ids of the dances
 * @param height metres
 * @param shoes what is worn on the feet
 * @param injuries private: shown to the coach alone, never printed and never shared
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Person")
public record PersonDocument(
        @NotNull(message = "an id") String id,

        @Schema(maxLength = Faults.LONGEST_NAME) @NotNull(message = "a name")
        String title,

        String level,
        @Size(max = 40, message = "at most 40 dances") List<@NotNull(message = "a dance") String> dances,

        @Schema(minimum = "" + Dancers.SHORTEST, maximum = "" + Dancers.TALLEST)
        Double height,

        @Size(max = 200, message = "at most 200 letters") String shoes,
        @Size(max = 4000, message = "at most 4000 letters") String note,
        @Size(max = 4000, message = "at most 4000 letters") String injuries)
        implements PlainDocument {

    @Override
    public PersonDocument called(String otherId, String otherTitle) {
        return new PersonDocument(otherId, otherTitle, level, dances, height, shoes, note, injuries);
    }
}
