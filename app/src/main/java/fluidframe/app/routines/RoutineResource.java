package fluidframe.app.routines;

import fluidframe.app.figures.FigureStore;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.Revision;
import fluidframe.app.work.Work;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Routines and their scores over HTTP. */
@RestController
@RequestMapping("/api")
@Tag(name = "routines")
class RoutineResource {

    private final RoutineStore store;
    private final RoutineReader reader;
    private final FigureStore figures;
    private final Scores scores;
    private final Work work;

    RoutineResource(RoutineStore store, RoutineReader reader, FigureStore figures, Scores scores, Work work) {
        this.figures = figures;
        this.scores = scores;
        this.store = store;
        this.reader = reader;
        this.work = work;
    }

    @GetMapping("/routines")
    List<RoutineSummary> list() {
        return store.list();
    }

    @GetMapping("/routines/{id}")
    ResponseEntity<RoutineDocument> get(@PathVariable String id) {
        return answer(store.get(id));
    }

    @PostMapping("/routines")
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<RoutineDocument> create(@Valid @RequestBody RoutineDocument document) {
        reader.read(document);
        StoredRoutine stored = store.create(document);
        return ResponseEntity.created(URI.create("/api/routines/" + document.id()))
                .eTag(stored.revision().tag())
                .body(stored.document());
    }

    @PutMapping("/routines/{id}")
    ResponseEntity<RoutineDocument> replace(
            @PathVariable String id,
            @Valid @RequestBody RoutineDocument document,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        if (!id.equals(document.id())) {
            throw new RefusedException(
                    RoutinesSentences.aRoutineKeepsItsId(), List.of(Fault.of("/id", document.id(), id)));
        }
        Revision revision = Revision.required(ifMatch);
        reader.read(document);
        return answer(store.replace(id, document, revision));
    }

    @DeleteMapping("/routines/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        store.delete(id, Revision.required(ifMatch));
    }

    /** The score of a routine as it is kept, based on the revision that is named with it. */
    @GetMapping("/routines/{id}/score")
    ResponseEntity<ScoreDocument> score(@PathVariable String id) {
        StoredRoutine stored = store.get(id);
        return ResponseEntity.ok()
                .header(Revision.BASED_ON, stored.revision().tag())
                .body(score(stored.document()));
    }

    /** The score of a routine that is still being written; nothing is stored. */
    @PostMapping("/scores")
    ScoreDocument score(@Valid @RequestBody RoutineDocument document) {
        return work.about(
                () -> reader.read(document),
                routine -> ScoreDocument.of(scores.of(routine), figures.unsound(document.figures())));
    }

    private static ResponseEntity<RoutineDocument> answer(StoredRoutine stored) {
        return ResponseEntity.ok().eTag(stored.revision().tag()).body(stored.document());
    }
}
