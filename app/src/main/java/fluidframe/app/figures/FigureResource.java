package fluidframe.app.figures;

import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.Revision;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.net.URI;
import java.util.List;
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
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Figures over HTTP. The ETag is the revision; replacing and deleting ask for it in If-Match. */
@RestController
@RequestMapping("/api/figures")
@Tag(name = "figures")
class FigureResource {

    private final FigureReading reading;
    private final FigureStore store;

    FigureResource(FigureReading reading, FigureStore store) {
        this.reading = reading;
        this.store = store;
    }

    /** The list carries an ETag that is the same until a figure changes; who has it is answered 304. */
    @GetMapping
    ResponseEntity<List<FigureSummary>> list(
            @RequestParam(required = false) String dance,
            @RequestParam(required = false) String level,
            @RequestParam(required = false) String position,
            @RequestParam(required = false) String foot,
            @RequestParam(required = false) String facing,
            @RequestParam(required = false) String words) {
        FigureListing found = store.search(FigureSearch.of(dance, level, position, foot, facing, words));
        return ResponseEntity.ok().eTag(found.asOf().tag()).body(found.figures());
    }

    @GetMapping("/{id}")
    ResponseEntity<FigureDocument> get(@PathVariable String id) {
        return answer(HttpStatus.OK, store.get(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<FigureDocument> create(@Valid @RequestBody FigureDocument document) {
        StoredFigure stored = store.create(reading.accepted(document, ""));
        return ResponseEntity.created(
                        URI.create("/api/figures/" + stored.figure().id()))
                .eTag(stored.revision().tag())
                .body(stored.document());
    }

    @PutMapping("/{id}")
    ResponseEntity<FigureDocument> replace(
            @PathVariable String id,
            @Valid @RequestBody FigureDocument document,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        if (!id.equals(document.id())) {
            throw new RefusedException(
                    FiguresSentences.aFigureKeepsItsId(), List.of(Fault.of("/id", document.id(), id)));
        }
        Revision revision = Revision.required(ifMatch);
        return answer(HttpStatus.OK, store.replace(id, reading.accepted(document, ""), revision));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        store.delete(id, Revision.required(ifMatch));
    }

    private static ResponseEntity<FigureDocument> answer(HttpStatus status, StoredFigure stored) {
        return ResponseEntity.status(status).eTag(stored.revision().tag()).body(stored.document());
    }
}
