package fluidframe.app.classes;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.classes.ClassDocuments.ClassPartDocument;
import fluidframe.app.classes.ClassDocuments.ClassWishDocument;
import fluidframe.app.classes.ClassDocuments.PairDocument;
import fluidframe.app.problems.Faults;
import fluidframe.app.storage.PlainDocument;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A class as it is kept: its plan as changed in place, and who came.
 *
 * @param date written 2026-12-05; absent where it is not fixed
 * @param wish what it was built from
 * @param roll who came; absent where nobody was written down
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Class")
record ClassDocument(
        @NotNull(message = "an id") String id,

        @NotNull(message = "a title") @Schema(maxLength = Faults.LONGEST_NAME)
        String title,

        String date,
        @NotNull(message = "what it is about") @Valid ClassWishDocument wish,

        @JsonInclude @NotNull(message = "parts") @Size(max = 40, message = "at most 40 parts")
        List<@Valid @NotNull(message = "a part") ClassPartDocument> parts,

        @Valid RollDocument roll)
        implements PlainDocument {

    /** Who came, as it was written down, and how the partners changed. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "ClassRoll")
    record RollDocument(
            @Size(max = 8000, message = "at most 8000 letters")
            String men,

            @Size(max = 8000, message = "at most 8000 letters")
            String ladies,

            @Size(max = 8000, message = "at most 8000 letters")
            String either,

            @Size(max = 8000, message = "at most 8000 letters")
            String together,

            @Size(max = 8000, message = "at most 8000 letters")
            String apart,

            @Size(max = 20000, message = "at most 20000 pairs")
            List<@Valid @NotNull(message = "a pair") PairDocument> danced,

            Integer done) {}

    @Override
    public ClassDocument called(String otherId, String otherTitle) {
        return new ClassDocument(otherId, otherTitle, date, wish, parts, roll);
    }
}
