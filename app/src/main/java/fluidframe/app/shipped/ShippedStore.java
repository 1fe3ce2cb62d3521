package fluidframe.app.shipped;

import fluidframe.app.amalgamations.AmalgamationDocument;
import fluidframe.app.events.EventDocument;
import fluidframe.app.exchange.BookDocument;
import fluidframe.app.exchange.BookImporter;
import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.pieces.PieceDocument;
import fluidframe.app.postures.PostureDocument;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.rules.ProfileDocument;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.StoredText;
import fluidframe.core.figure.Figure;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Remembers every figure as it was shipped, beside the book the coach works with. So a newer shipped figure takes the
 * place of an older one that nobody has touched, and never of one the coach has changed or thrown away; and the shipped
 * one can always be brought back.
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
    record Taken(int added, int renewed, int left) {}

    /** @throws fluidframe.app.problems.RefusedException if the shipped book itself is wrong */
    @Transactional
    public Taken take(BookDocument book) {
        List<FigureDocument> fresh = new ArrayList<>();
        int renewed = 0;
        int left = 0;
        for (FigureDocument document : book.figures()) {
            Optional<String> before = text(document.id());
            Optional<String> now = figures.storedText(document.id()).map(StoredText::text);
            Figure figure = FigureReading.ofCatalogue().accepted(document, "");
            String shipped = figures.write(figure);
            if (now.isEmpty() && before.isEmpty()) {
                fresh.add(document);
            } else if (now.isPresent() && now.equals(before) && !now.get().equals(shipped)) {
                figures.renew(figure);
                renewed++;
            } else if (!now.equals(Optional.of(shipped))) {
                left++;
            }
            jdbc.sql("merge into shipped_figure (studio_id, slug, document) key (studio_id, slug) values (?, ?, ?)")
                    .params(studio.id(), document.id(), shipped)
                    .update();
        }
        importer.take(new BookDocument(
                book.format(),
                book.version(),
                book.title(),
                fresh,
                unseen(book.pieces(), PieceDocument::id, "piece"),
                unseen(book.routines(), RoutineDocument::id, "routine"),
                unseen(book.profiles(), ProfileDocument::id, "rule_profile"),
                unseen(book.events(), EventDocument::id, "event"),
                unseen(book.postures(), PostureDocument::id, "posture"),
                unseen(book.amalgamations(), AmalgamationDocument::id, "amalgamation")));
        return new Taken(fresh.size(), renewed, left);
    }

    /**
     * Whatever is no figure comes in once; afterwards it is the coach's, also if it is thrown away.
     *
     * @param table where such things are kept; what has come in stands in one of its name with "shipped" before it
     */
    private <D> List<D> unseen(List<D> documents, Function<D, String> id, String table) {
        Set<String> seen = new HashSet<>(jdbc.sql("select slug from shipped_" + table
                        + " where studio_id = ? union select slug from " + table + " where studio_id = ?")
                .params(studio.id(), studio.id())
                .query(String.class)
                .list());
        List<D> unseen = (documents == null ? List.<D>of() : documents)
                .stream().filter(document -> !seen.contains(id.apply(document))).toList();
        unseen.forEach(document -> jdbc.sql("insert into shipped_" + table + " (studio_id, slug) values (?, ?)")
                .params(studio.id(), id.apply(document))
                .update());
        return unseen;
    }

    /** A figure as it was shipped, if it was. */
    Optional<FigureDocument> find(String id) {
        return text(id).map(document -> json.readValue(document, FigureDocument.class));
    }

    private Optional<String> text(String id) {
        return jdbc.sql("select document from shipped_figure where studio_id = ? and slug = ?")
                .params(studio.id(), id)
                .query(String.class)
                .optional();
    }
}
