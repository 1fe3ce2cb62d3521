package fluidframe.app.deletions;

import fluidframe.app.storage.Deleted;
import fluidframe.app.storage.DocumentStore;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Comparator;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What has been deleted. Its versions are still there, and creating the last of them again brings it back. */
@RestController
@RequestMapping("/api/deletions")
@Tag(name = "deletions")
class DeletionResource {

    private final List<DocumentStore<?>> stores;

    /** @param stores of every kind there is */
    DeletionResource(List<DocumentStore<?>> stores) {
        this.stores = stores.stream().filter(DocumentStore::keepsVersions).toList();
    }

    /** A document of a kind that keeps versions, and that is gone: its kind, id and title, and when it was deleted. */
    @Schema(name = "Deletion")
    record DeletionDocument(String kind, String id, String title, String deleted) {

        static DeletionDocument of(Deleted gone) {
            return new DeletionDocument(
                    gone.kind(),
                    gone.id(),
                    gone.title() == null ? gone.id() : gone.title(),
                    gone.deleted().toString());
        }
    }

    /** What has been deleted and not been brought back, the latest first. */
    @GetMapping
    List<DeletionDocument> list() {
        return stores.stream()
                .flatMap(store -> store.deleted().stream())
                .sorted(Comparator.comparing(Deleted::deleted).reversed())
                .map(DeletionDocument::of)
                .toList();
    }
}
