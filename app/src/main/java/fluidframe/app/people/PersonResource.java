package fluidframe.app.people;

import fluidframe.app.storage.PlainResource;
import fluidframe.app.storage.StoredPlainDocument;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** People over HTTP. To delete somebody is to erase them. */
@RestController
@RequestMapping("/api/people")
@Tag(name = "people")
class PersonResource extends PlainResource<PersonDocument> {

    private final PersonStore store;

    PersonResource(PersonStore store) {
        super(store);
        this.store = store;
    }

    /** Everybody, by name; without what is private. */
    @GetMapping
    List<PersonDocument> list() {
        return store.all().stream()
                .map(StoredPlainDocument::document)
                .map(person -> new PersonDocument(
                        person.id(),
                        person.title(),
                        person.level(),
                        person.dances(),
                        person.height(),
                        person.shoes(),
                        person.note(),
                        null))
                .toList();
    }
}
