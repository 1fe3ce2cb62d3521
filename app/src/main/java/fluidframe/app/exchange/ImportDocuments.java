package fluidframe.app.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.exchange.Choices.Kind;
import fluidframe.app.storage.StoredText;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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
            @JsonInclude(JsonInclude.Include.NON_NULL) Long revision) {

        /** @param here what the book says, as it would be stored */
        static ItemDocument of(Kind kind, String id, String title, Optional<StoredText> there, String here) {
            return of(kind, id, title, there, here, Likeness.of(there, here) == Likeness.DIFFERS ? 1 : 0);
        }

        static ItemDocument of(
                Kind kind, String id, String title, Optional<StoredText> there, String here, int differences) {
            return new ItemDocument(
                    kind.name().toLowerCase(Locale.ROOT),
                    id,
                    title,
                    Likeness.of(there, here).name().toLowerCase(Locale.ROOT),
                    differences,
                    there.map(stored -> stored.revision().number()).orElse(null));
        }
    }

    /** What taking a book in would meet; nothing is stored. */
    @Schema(name = "ImportPlan")
    record PlanDocument(String title, List<ItemDocument> items) {}

    /**
     * What to do with a figure, piece, routine, profile, event, posture or amalgamation that is already there and
     * differs: keep, replace, both. With the revision of the plan it is refused if somebody has saved it since.
     */
    @Schema(name = "ImportChoice")
    record ChoiceDocument(
            @NotNull(message = "figure, piece, routine, profile, event, posture or amalgamation")
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
