package fluidframe.app.classes;

import fluidframe.app.storage.PlainResource;
import fluidframe.app.storage.StoredPlainDocument;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Classes that are kept, over HTTP. */
@RestController
@RequestMapping("/api/classes")
@Tag(name = "classes")
class KeptClassResource extends PlainResource<ClassDocument> {

    private final ClassStore store;

    KeptClassResource(ClassStore store) {
        super(store);
        this.store = store;
    }

    /** One line of the list. */
    @Schema(name = "ClassSummary")
    record SummaryDocument(String id, String title, String date, int minutes) {}

    @GetMapping
    List<SummaryDocument> list() {
        return store.all().stream()
                .map(StoredPlainDocument::document)
                .map(kept -> new SummaryDocument(
                        kept.id(),
                        kept.title(),
                        kept.date() == null ? "" : kept.date(),
                        kept.parts().stream()
                                .mapToInt(ClassDocuments.ClassPartDocument::minutes)
                                .sum()))
                .toList();
    }
}
