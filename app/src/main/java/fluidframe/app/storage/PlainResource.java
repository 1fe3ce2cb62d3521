package fluidframe.app.storage;

import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.Revision;
import jakarta.validation.Valid;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Documents of one kind over HTTP, one at a time. */
public abstract class PlainResource<D extends PlainDocument> {

    private final PlainStore<?, D> store;

    protected PlainResource(PlainStore<?, D> store) {
        this.store = store;
    }

    @GetMapping("/{id}")
    public ResponseEntity<D> get(@PathVariable String id) {
        return answer(store.get(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    public ResponseEntity<D> create(@Valid @RequestBody D document) {
        StoredPlainDocument<D> stored = store.create(document);
        return ResponseEntity.created(ServletUriComponentsBuilder.fromCurrentRequest()
                        .pathSegment(document.id())
                        .build()
                        .toUri())
                .eTag(stored.revision().tag())
                .body(stored.document());
    }

    @PutMapping("/{id}")
    public ResponseEntity<D> replace(
            @PathVariable String id,
            @Valid @RequestBody D document,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        if (!id.equals(document.id())) {
            throw RefusedException.of("/id", document.id(), id);
        }
        return answer(store.replace(id, document, Revision.required(ifMatch)));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    public void delete(
            @PathVariable String id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        store.delete(id, Revision.required(ifMatch));
    }

    private static <D> ResponseEntity<D> answer(StoredPlainDocument<D> stored) {
        return ResponseEntity.ok().eTag(stored.revision().tag()).body(stored.document());
    }
}
