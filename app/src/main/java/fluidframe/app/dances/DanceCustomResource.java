package fluidframe.app.dances;

import fluidframe.app.storage.PlainResource;
import fluidframe.app.storage.StoredPlainDocument;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the studio holds differently of its dances, over HTTP; each is known by the dance's id. */
@RestController
@RequestMapping("/api/dance-customs")
@Tag(name = "dances")
class DanceCustomResource extends PlainResource<DanceCustomDocument> {

    private final DanceCustomStore store;

    DanceCustomResource(DanceCustomStore store) {
        super(store);
        this.store = store;
    }

    @GetMapping
    List<DanceCustomDocument> list() {
        return store.all().stream().map(StoredPlainDocument::document).toList();
    }
}
