package fluidframe.app.logbook;

import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Notes over HTTP: made anywhere, also without a network, and handed in when there is one. */
@RestController
@RequestMapping("/api/notes")
@Tag(name = "logbook")
class NoteResource {

    private final NoteStore store;

    NoteResource(NoteStore store) {
        this.store = store;
    }

    /** Notes in the order in which they were made, and the ids of those that were taken back. */
    @Schema(name = "NoteBatch")
    record BatchDocument(
            @NotNull(message = "notes") @Size(max = 200, message = "at most 200 notes")
            List<@Valid @NotNull(message = "a note") NoteDocument> notes,

            @Size(max = 200, message = "at most 200 ids") List<@NotNull(message = "an id") String> takenBack) {}

    /** What became of each, in the same order; handed in again nothing is kept twice. */
    @PostMapping
    List<NoteOutcome> take(@Valid @RequestBody BatchDocument batch) {
        return store.take(batch.notes(), batch.takenBack() == null ? List.of() : batch.takenBack());
    }
}
