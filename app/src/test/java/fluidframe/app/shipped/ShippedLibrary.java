package fluidframe.app.shipped;

import fluidframe.app.amalgamations.AmalgamationReading;
import fluidframe.app.events.EventDocument;
import fluidframe.app.exchange.BookDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.pieces.PieceReading;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.piece.Piece;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.ScoredPlacement;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Everything that ships with the program, read straight from its books. */
final class ShippedLibrary {

    private static final ShippedLibrary ONLY = new ShippedLibrary();

    private final Map<String, Figure> figures = new LinkedHashMap<>();
    private final Map<String, Piece> pieces = new LinkedHashMap<>();
    private final List<Routine> routines = new ArrayList<>();
    private final List<Amalgamation> amalgamations = new ArrayList<>();
    private final List<EventDocument> events = new ArrayList<>();
    /** What figures can be danced in which ways takes longer to find out than most tests take. */
    private final Map<List<Object>, Repertoire> repertoires = new HashMap<>();

    private ShippedLibrary() {
        JsonMapper json = JsonMapper.builder()
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .build();
        try {
            List<BookDocument> books = new ArrayList<>();
            for (Resource resource :
                    new PathMatchingResourcePatternResolver().getResources("classpath*:fluidframe/book/*.json")) {
                books.add(json.readValue(resource.getContentAsByteArray(), BookDocument.class));
            }
            books.stream()
                    .filter(book -> book.pieces() != null)
                    .forEach(book -> book.pieces()
                            .forEach(document -> pieces.put(document.id(), PieceReading.read(document, ""))));
            books.forEach(book -> book.figures()
                    .forEach(document -> figures.put(
                            document.id(), FigureReading.ofCatalogue().accepted(document, ""))));
            books.stream()
                    .filter(book -> book.routines() != null)
                    .forEach(book -> book.routines()
                            .forEach(document -> routines.add(
                                    RoutineReader.readOfCatalogue(document, figures, pieceOf(document), ""))));
            books.stream()
                    .filter(book -> book.amalgamations() != null)
                    .forEach(book -> book.amalgamations()
                            .forEach(document -> amalgamations.add(AmalgamationReading.read(
                                    document,
                                    routine -> RoutineReader.readOfCatalogue(routine, figures, Optional.empty(), ""),
                                    ""))));
            books.stream().filter(book -> book.events() != null).forEach(book -> events.addAll(book.events()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Optional<Piece> pieceOf(RoutineDocument routine) {
        return routine.pieceId().map(pieces::get);
    }

    static List<Figure> figures() {
        return List.copyOf(ONLY.figures.values());
    }

    static List<Figure> ofDance(String dance) {
        return figures().stream()
                .filter(figure -> figure.dance().id().equals(dance))
                .toList();
    }

    /** All that can be danced of a dance. */
    static Repertoire repertoire(Dance dance, Conditions conditions) {
        return ONLY.repertoires.computeIfAbsent(
                List.of(dance.id(), conditions), made -> Repertoire.of(ofDance(dance.id()), conditions));
    }

    /** All that can be danced of one figure. */
    static Repertoire repertoire(Figure figure) {
        return ONLY.repertoires.computeIfAbsent(
                List.of(figure.id()), made -> Repertoire.of(List.of(figure), Conditions.OPEN));
    }

    /** By the id without the dance: {@code waltz}, {@code whisk}. */
    static Figure figure(String dance, String name) {
        Figure figure = ONLY.figures.get(dance + "-" + name);
        if (figure == null) {
            throw new IllegalArgumentException("no figure " + name + " in " + dance);
        }
        return figure;
    }

    static List<Routine> routines() {
        return ONLY.routines;
    }

    /** A routine of figures alone as the composer would have found it. */
    static List<Move> moves(Course course) {
        List<Move> moves = new ArrayList<>();
        for (int i = 0; i < course.placements().size(); i++) {
            ScoredPlacement placed = course.placements().get(i);
            Outcome outcome =
                    i == 0 ? Outcome.HOLDS : course.seams().get(i - 1).verdict().outcome();
            moves.add(new Move(
                    placed.dancing(),
                    placed.entry(),
                    outcome,
                    placed.dancing().exitFrom(placed.entry(), course.startsAt(i))));
        }
        return moves;
    }

    static List<Amalgamation> amalgamations(Dance dance) {
        return ONLY.amalgamations.stream()
                .filter(each -> each.routine().dance().id().equals(dance.id()))
                .toList();
    }

    static List<EventDocument> events() {
        return ONLY.events;
    }
}
