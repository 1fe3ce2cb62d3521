package fluidframe.app.books;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.storage.Edition;
import fluidframe.core.book.BookReport;
import fluidframe.core.book.DanceReport;
import fluidframe.core.dance.Dance;
import fluidframe.core.text.Speech;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.annotation.Lazy;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Reports on the dances of the book, each worked out again only when a figure of it has changed. */
@Component
@Lazy(false)
class DanceReports {

    private static final int HOUR_MILLISECONDS = 3_600_000;

    private final StudioDances studioDances;
    private final FigureStore store;
    private final Map<Key, Known> known = new ConcurrentHashMap<>();

    DanceReports(StudioDances studioDances, @Lazy FigureStore store) {
        this.studioDances = studioDances;
        this.store = store;
    }

    /** A dance, and the words its report is said in. */
    private record Key(String dance, Locale speech) {}

    /** What a report was worked out of, and the report. */
    private record Known(Dance dance, List<Edition> figures, DanceReport report) {}

    /** So that nobody waits for the first report. */
    @Scheduled(initialDelayString = "${fluidframe.prepared-after}", fixedDelay = HOUR_MILLISECONDS)
    void prepare() {
        all();
    }

    BookReport all() {
        return new BookReport(studioDances.all().stream()
                .map(this::of)
                .filter(report -> report.size() > 0)
                .toList());
    }

    private DanceReport of(Dance dance) {
        List<Edition> figures = store.editionsOfDance(dance.id());
        Key key = new Key(dance.id(), Speech.now());
        Known before = known.get(key);
        if (before != null && before.dance().equals(dance) && before.figures().equals(figures)) {
            return before.report();
        }
        DanceReport report = DanceReport.of(dance, store.ofDance(dance.id()));
        known.put(key, new Known(dance, figures, report));
        return report;
    }
}
