package fluidframe.app.exchange;

import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureShelf;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.RoutineShelf;
import fluidframe.core.figure.Figure;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Takes a book in whole or not at all. */
@Service
public class BookImporter {

    private final BookSchema schema;
    private final FigureShelf figures;
    private final RoutineShelf routines;
    private final JsonMapper json;

    BookImporter(@Lazy BookSchema schema, FigureShelf figures, RoutineShelf routines, JsonMapper json) {
        this.schema = schema;
        this.figures = figures;
        this.routines = routines;
        this.json = json;
    }

    /** What came in. */
    public record Imported(String title, List<String> figures, List<String> routines) {
    }

    /**
     * @throws RefusedException naming every place that is wrong; nothing has been stored then
     */
    @Transactional
    public Imported take(JsonNode book) {
        List<Fault> faults = new ArrayList<>(schema.faults(book));
        refuse(faults);
        return take(json.treeToValue(book, BookDocument.class));
    }

    /** Takes a book whose shape has been checked. */
    @Transactional
    public Imported take(BookDocument book) {
        List<Fault> faults = new ArrayList<>();
        List<Figure> read = new ArrayList<>();
        Map<String, Figure> known = new HashMap<>();
        Set<String> ids = new HashSet<>();
        List<FigureDocument> figureDocuments = book.figures() == null ? List.of() : book.figures();
        for (int i = 0; i < figureDocuments.size(); i++) {
            FigureDocument document = figureDocuments.get(i);
            String root = "/figures/" + i;
            if (!ids.add(document.id()) || figures.find(document.id()).isPresent()) {
                faults.add(Fault.of(root + "/id", document.id(), "an id that no other figure has"));
            }
            try {
                Figure figure = FigureShelf.read(document, root);
                read.add(figure);
                known.put(figure.id(), figure);
            } catch (RefusedException wrong) {
                faults.addAll(wrong.faults());
            }
        }
        refuse(faults);
        List<RoutineDocument> routineDocuments = book.routines() == null ? List.of() : book.routines();
        checkRoutines(routineDocuments, known);
        read.forEach(figures::create);
        routineDocuments.forEach(routines::create);
        return new Imported(book.title(), read.stream().map(Figure::id).toList(), routineDocuments.stream().map(RoutineDocument::id).toList());
    }

    private void checkRoutines(List<RoutineDocument> documents, Map<String, Figure> inBook) {
        Set<String> taken = new HashSet<>(routines.list().stream().map(routine -> routine.id()).toList());
        for (int i = 0; i < documents.size(); i++) {
            RoutineDocument document = documents.get(i);
            String root = "/routines/" + i;
            if (!taken.add(document.id())) {
                refuse(List.of(Fault.of(root + "/id", document.id(), "an id that no other routine has")));
            }
            Map<String, Figure> figuresAtHand = new HashMap<>(figures.findAll(document.figures()));
            figuresAtHand.putAll(inBook);
            RoutineReader.read(document, figuresAtHand, root);
        }
    }

    private static void refuse(List<Fault> faults) {
        if (!faults.isEmpty()) {
            throw new RefusedException("The book was not taken in, and nothing of it was stored: "
                    + (faults.size() == 1 ? faults.get(0).sentence() : faults.size() + " places are wrong, the first: " + faults.get(0).sentence()), faults);
        }
    }
}
