package fluidframe.app.figures;

import fluidframe.app.problems.Revision;
import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.Edition;
import fluidframe.app.storage.Editions;
import fluidframe.core.notation.DraftReader;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every figure as it is stored, read once for each of its editions however often it is asked for, and which figures there are, read again only
 * after a change. Reading asks the database nothing otherwise; a transaction that writes sees what it has written itself.
 */
@Component
public class FigureLibrary {

    /** Twenty times the shipped book. */
    private static final int MOST_REMEMBERED = 4_000;

    private final FigureRepository repository;
    private final Changes changes;
    private final CurrentStudio studio;
    private final TransactionOperations reading;
    private final JsonMapper json;
    private final Editions<FigureEntity, StoredFigure> editions;
    private volatile FigureIndex index;

    FigureLibrary(@Lazy FigureRepository repository, Changes changes, CurrentStudio studio, TransactionOperations reading, JsonMapper json) {
        this.repository = repository;
        this.changes = changes;
        this.studio = studio;
        this.reading = reading;
        this.json = json;
        this.editions = new Editions<>(MOST_REMEMBERED, repository, reading, this::read);
    }

    public Optional<StoredFigure> find(String id) {
        return findAll(List.of(id)).values().stream().findFirst();
    }

    /** Those of the ids that there are, by id. */
    public Map<String, StoredFigure> findAll(Collection<String> ids) {
        Map<String, StoredFigure> found = new LinkedHashMap<>();
        editions.of(editions(ids)).forEach(figure -> found.put(figure.figure().id(), figure));
        return found;
    }

    /** The figures of a dance, the easiest first, then by title. */
    public List<StoredFigure> ofDance(String dance) {
        return editions.of(editionsOfDance(dance));
    }

    /** The editions of those figures that there are: as long as they are the same, so is everything that is computed of them. */
    public List<Edition> editions(Collection<String> ids) {
        return Editions.onlyCommittedIsSeen() ? index().editions(ids)
                : editions(repository.rows(studio.id(), ids));
    }

    public List<Edition> editionsOfDance(String dance) {
        return index().editionsOfDance(dance);
    }

    FigureListing search(FigureSearch search) {
        return index().search(search);
    }

    private List<Edition> editions(List<FigureRow> rows) {
        return rows.stream().map(row -> row.edition(changes.era())).toList();
    }

    private FigureIndex index() {
        Changes.Count now = changes.count();
        FigureIndex known = index;
        if (known != null && known.asOf().equals(now)) {
            return known;
        }
        FigureIndex fresh = new FigureIndex(now, reading.execute(status -> repository.rows(studio.id())));
        if (Editions.onlyCommittedIsSeen()) {
            index = fresh;
        }
        return fresh;
    }

    /** What is in the database is always readable: what today's rules dislike was judged when it came in. */
    StoredFigure read(FigureEntity entity) {
        FigureDocument document = json.readValue(entity.document(), FigureDocument.class);
        return new StoredFigure(DraftReader.read(FigureMapper.draft(document)).figure()
                .orElseThrow(() -> new IllegalStateException("the stored figure " + entity.slug() + " cannot be read")), document, new Revision(entity.revision()));
    }
}
