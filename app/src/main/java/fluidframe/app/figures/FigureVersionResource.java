package fluidframe.app.figures;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.storage.StoredVersion;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The versions of figures, and two of them side by side. */
@RestController
@RequestMapping("/api")
@Tag(name = "figures")
class FigureVersionResource {

    private final FigureStore store;
    private final JsonMapper json;

    FigureVersionResource(FigureStore store, JsonMapper json) {
        this.store = store;
        this.json = json;
    }

    /**
     * A kept version: its number, when and by whom it was kept (absent where that was not recorded), and the figure as
     * it was.
     */
    @Schema(name = "FigureVersion")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record VersionDocument(int number, String kept, String author, FigureDocument figure) {}

    /** Two figures to compare. */
    @Schema(name = "FigureDifferenceQuestion")
    record DifferenceQuestion(
            @NotNull(message = "a figure") @Valid FigureDocument before,
            @NotNull(message = "a figure") @Valid FigureDocument after) {}

    /** The kept versions of a figure, the latest first, a hundred at a time: those before a number, or the latest. */
    @GetMapping("/figures/{id}/versions")
    List<VersionDocument> versions(@PathVariable String id, @RequestParam(required = false) Integer before) {
        return store.versions(id, Optional.ofNullable(before)).stream()
                .map(this::document)
                .toList();
    }

    @PostMapping("/figure-differences")
    List<FigureDifferenceDocument> compare(@Valid @RequestBody DifferenceQuestion question) {
        return FigureDifferenceDocument.between(question.before(), question.after());
    }

    private VersionDocument document(StoredVersion version) {
        return new VersionDocument(
                version.number(),
                version.kept().toString(),
                version.author().orElse(null),
                json.readValue(version.document(), FigureDocument.class));
    }
}
