package fluidframe.app.people;

import fluidframe.app.storage.PlainResource;
import fluidframe.app.storage.StoredPlainDocument;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Couples and groups over HTTP. To delete one is to erase its lessons and what was noted in them. */
@RestController
@RequestMapping("/api/couples")
@Tag(name = "people")
class CoupleResource extends PlainResource<CoupleDocument> {

    private final CoupleStore store;

    CoupleResource(CoupleStore store) {
        super(store);
        this.store = store;
    }

    /** All of them, by title. */
    @GetMapping
    List<CoupleDocument> list() {
        return store.all().stream().map(StoredPlainDocument::document).toList();
    }
}
