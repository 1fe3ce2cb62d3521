package fluidframe.app.warming;

import fluidframe.app.exchange.BookDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.ScoreDocument;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Repertoire;
import fluidframe.core.room.RoomReport;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads figures of the shipped book, links them and scores its routines while the rest of the program is still being
 * put together, which leaves a processor idle: what is worked out for the first coach has then been worked out before.
 */
public final class FirstThoughts {

    private static final Logger LOG = LoggerFactory.getLogger(FirstThoughts.class);
    private static final List<String> DANCES = List.of("waltz", "rumba");
    private static final String ROUTINES = "demo";

    /** There is one program in a machine of its own. */
    private static final AtomicBoolean OVER = new AtomicBoolean();

    private final JsonMapper json = JsonMapper.builder().build();

    private FirstThoughts() {}

    /** Begins them beside whatever else is done, until the processors are wanted. */
    public static void begin() {
        Thread thread = new Thread(new FirstThoughts()::think, "first thoughts");
        thread.setDaemon(true);
        thread.start();
    }

    /** Nobody waits for what is still being thought. */
    static void end() {
        OVER.set(true);
    }

    private void think() {
        try {
            List<RoutineDocument> routines = book(ROUTINES).routines();
            List<List<Figure>> figures = new ArrayList<>();
            for (String dance : DANCES) {
                figures.add(book(dance).figures().stream()
                        .map(figure -> FigureReading.ofCatalogue().accepted(figure, ""))
                        .toList());
            }
            while (!OVER.get()) {
                figures.forEach(dance -> think(dance, routines));
            }
        } catch (IOException | RuntimeException e) {
            LOG.debug("The first thoughts led nowhere", e);
        }
    }

    private void think(List<Figure> figures, List<RoutineDocument> routines) {
        Map<String, Figure> byId = new HashMap<>();
        figures.forEach(figure -> byId.put(figure.id(), figure));
        if (!OVER.get()) {
            LinkMap.of(Repertoire.of(figures, Conditions.OPEN));
        }
        for (RoutineDocument document : routines) {
            boolean known = document.music() == null
                    && byId.keySet().containsAll(document.figures())
                    && !document.figures().isEmpty();
            if (known && !OVER.get()) {
                Routine routine = RoutineReader.readOfCatalogue(document, byId, Optional.empty(), "");
                Score score = Score.of(routine);
                RoomReport.of(score);
                json.writeValueAsBytes(ScoreDocument.of(score, List.of()));
            }
        }
    }

    private BookDocument book(String name) throws IOException {
        try (InputStream text = FirstThoughts.class.getResourceAsStream("/fluidframe/book/" + name + ".json")) {
            return json.readValue(text, BookDocument.class);
        }
    }
}
