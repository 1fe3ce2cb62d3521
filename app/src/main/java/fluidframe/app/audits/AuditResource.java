package fluidframe.app.audits;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.figures.StoredFigure;
import fluidframe.app.problems.Revision;
import fluidframe.app.storage.Changes;
import fluidframe.app.work.Work;
import fluidframe.core.audit.Audit;
import fluidframe.core.text.Speech;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Locale;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Checks a figure without storing it. */
@RestController
@RequestMapping("/api")
@Tag(name = "audits")
class AuditResource {

    /** What one coach writes in an hour, undone and done again. */
    private static final int MOST_REMEMBERED = 500;

    private final Changes changes;
    private final FigureReading figures;
    private final FigureStore store;
    private final Work work;
    /**
     * A figure that has been read and is asked for again, because it is opened once more or a change was undone, is not
     * read and checked anew.
     */
    private final Cache<Asked, ReadingDocument> readings =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    /** A figure as it was sent, within an era of the dances that it is read with, to be answered in some words. */
    private record Asked(long era, Locale speech, FigureDocument document) {}

    AuditResource(Changes changes, FigureReading figures, FigureStore store, Work work) {
        this.changes = changes;
        this.figures = figures;
        this.store = store;
        this.work = work;
    }

    /** Every finding; refused if any text cannot be read. */
    @PostMapping("/audits")
    List<FindingDocument> audit(@Valid @RequestBody FigureDocument document) {
        return work.quickly(() -> Audit.of(figures.complete(document)).stream()
                .map(FindingDocument::of)
                .toList());
    }

    /** All that can be said of a figure while it is being written, taking what cannot be read as empty. */
    @PostMapping("/readings")
    ReadingDocument read(@Valid @RequestBody FigureDocument document) {
        return reading(document);
    }

    /** All that can be said of a figure as it is kept, based on the revision that is named with it. */
    @GetMapping("/figures/{id}/reading")
    ResponseEntity<ReadingDocument> read(@PathVariable String id) {
        StoredFigure stored = store.get(id);
        return ResponseEntity.ok()
                .header(Revision.BASED_ON, stored.revision().tag())
                .body(reading(stored.document()));
    }

    private ReadingDocument reading(FigureDocument document) {
        return work.quickly(() -> readings.get(
                new Asked(changes.era(), Speech.now(), document),
                asked -> ReadingDocument.of(figures.of(asked.document()))));
    }
}
