package fluidframe.app.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** What goes in and out when a book is taken in with a choice for each thing that is there already. */
final class ImportDocuments {

    private static final int MOST_CHOICES = 10_000;

    private ImportDocuments() {}

    /**
     * One thing of a book and how it compares with what is stored: new, same, differs, and in how many places. The
     * revision is that of what is stored; sent along with the choice, it makes sure that nothing saved meanwhile is
     * replaced.
     */
    @Schema(name = "ImportItem")
    record ItemDocument(
            String kind,
            String id,
            String title,
            String likeness,
            int differences,
            @JsonInclude(JsonInclude.Include.NON_NULL) Long revision) {}

    /** What taking a book in would meet; nothing is stored. */
    @Schema(name = "ImportPlan")
    record PlanDocument(String title, List<ItemDocument> items) {}

    /**
     * What to do with a figure, piece, routine, profile, event or posture that is already there and differs: keep,
     * replace, both. With the revision of the plan it is refused if somebody has saved it since.
     */
    @Schema(name = "ImportChoice")
    record ChoiceDocument(
            @NotNull(message = "figure, piece, routine, profile, event or posture")
            String kind,

            @NotNull(message = "an id") String id,
            @NotNull(message = "keep, replace or both") String choice,
            Long revision) {}

    /** A book, and what to do with what is there already. */
    @Schema(name = "ImportQuestion")
    record ImportQuestion(
            @NotNull(message = "a book") @Schema(implementation = BookDocument.class)
            JsonNode book,

            @NotNull(message = "choices") @Size(max = MOST_CHOICES, message = "at most " + MOST_CHOICES + " choices")
            List<@NotNull(message = "a choice") @Valid ChoiceDocument> choices) {}
}
