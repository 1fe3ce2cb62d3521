package fluidframe.app.shipped;

import fluidframe.app.exchange.BookDocument;
import fluidframe.app.exchange.BookImporter;
import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.pieces.PieceDocument;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.core.figure.Figure;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Remembers every figure as it was shipped, beside the book the coach works with. So a newer shipped figure takes the place of an older one that
 * nobody has touched, and never of one the coach has changed or thrown away; and the shipped one can always be brought back.
 */
@Component
class ShippedStore {

    private final BookImporter importer;
    private final FigureStore figures;
    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final CurrentStudio studio;

    ShippedStore(BookImporter importer, FigureStore figures, JdbcClient jdbc, JsonMapper json, CurrentStudio studio) {
        this.studio = studio;
        this.importer = importer;
        this.figures = figures;
        this.jdbc = jdbc;
        this.json = json;
    }

    /** How many figures were new, took the place of older ones, or were left because the coach has changed them. */
    record Taken(int added, int renewed, int left) {
    }

    /**
     * @throws fluidframe.app.problems.RefusedException if the shipped book itself is wrong
     */
    @Transactional
    public Taken take(BookDocument book) {
        List<FigureDocument> fresh = new ArrayList<>();
        int renewed = 0;
        int left = 0;
        for (FigureDocument document : book.figures()) {
            Optional<String> before = text(document.id());
            Optional<String> now = figures.text(document.id());
            Figure figure = FigureStore.read(document, "");
            String shipped = figures.write(figure);
            if (now.isEmpty() && before.isEmpty()) {
                fresh.add(document);
            } else if (now.isPresent() && now.equals(before) && !now.get().equals(shipped)) {
                figures.renew(figure);
                renewed++;
            } else if (!now.equals(Optional.of(shipped))) {
                left++;
            }
            jdbc.sql("merge into shipped_figure (studio_id, slug, document) key (studio_id, slug) values (?, ?, ?)").params(studio.id(), document.id(), shipped).update();
        }
        importer.take(new BookDocument(book.format(), book.version(), book.title(), fresh, unseenPieces(book.pieces()), unseen(book.routines())));
        return new Taken(fresh.size(), renewed, left);
    }

    /** A shipped piece comes in once as well. */
    private List<PieceDocument> unseenPieces(List<PieceDocument> pieces) {
        Set<String> seen = new HashSet<>(jdbc.sql("select slug from shipped_piece where studio_id = ? union select slug from piece where studio_id = ?").params(studio.id(), studio.id()).query(String.class).list());
        List<PieceDocument> unseen = (pieces == null ? List.<PieceDocument>of() : pieces).stream().filter(piece -> !seen.contains(piece.id())).toList();
        unseen.forEach(piece -> jdbc.sql("insert into shipped_piece (studio_id, slug) values (?, ?)").params(studio.id(), piece.id()).update());
        return unseen;
    }

    /** A shipped routine comes in once; afterwards it is the coach's. */
    private List<RoutineDocument> unseen(List<RoutineDocument> routines) {
        Set<String> seen = new HashSet<>(jdbc.sql("select slug from shipped_routine where studio_id = ? union select slug from routine where studio_id = ?").params(studio.id(), studio.id()).query(String.class).list());
        List<RoutineDocument> unseen = (routines == null ? List.<RoutineDocument>of() : routines).stream().filter(routine -> !seen.contains(routine.id())).toList();
        unseen.forEach(routine -> jdbc.sql("insert into shipped_routine (studio_id, slug) values (?, ?)").params(studio.id(), routine.id()).update());
        return unseen;
    }

    /** A figure as it was shipped, if it was. */
    Optional<FigureDocument> find(String id) {
        return text(id).map(document -> json.readValue(document, FigureDocument.class));
    }

    private Optional<String> text(String id) {
        return jdbc.sql("select document from shipped_figure where studio_id = ? and slug = ?").params(studio.id(), id).query(String.class).optional();
    }
}
