package fluidframe.app.figures;

import fluidframe.app.problems.Revision;
import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.Edition;
import fluidframe.app.storage.Editions;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every figure as it is stored, read once for each of its editions however often it is asked for, and which figures
 * there are, read again only after a change. Reading asks the database nothing otherwise; a transaction that writes
 * sees what it has written itself.
 */
@Component
public class FigureLibrary {

    private static final Logger LOG = LoggerFactory.getLogger(FigureLibrary.class);
    /** Twenty times the shipped book. */
    private static final int MOST_REMEMBERED = 4_000;

    private final FigureReading figures;
    private final FigureRepository repository;
    private final Changes changes;
    private final CurrentStudio studio;
    private final TransactionOperations reading;
    private final JsonMapper json;
    private final Editions<FigureEntity, Optional<StoredFigure>> editions;
    private volatile FigureIndex index;

    FigureLibrary(
            FigureReading figures,
            @Lazy FigureRepository repository,
            Changes changes,
            CurrentStudio studio,
            TransactionOperations reading,
            JsonMapper json) {
        this.figures = figures;
        this.repository = repository;
        this.changes = changes;
        this.studio = studio;
        this.reading = reading;
        this.json = json;
        this.editions = new Editions<>(MOST_REMEMBERED, repository, reading, this::readable);
    }

    public Optional<StoredFigure> find(String id) {
        return findAll(List.of(id)).values().stream().findFirst();
    }

    /** Those of the ids that there are, by id. */
    public Map<String, StoredFigure> findAll(Collection<String> ids) {
        Map<String, StoredFigure> found = new LinkedHashMap<>();
        read(editions(ids)).forEach(figure -> found.put(figure.figure().id(), figure));
        return found;
    }

    /** The figures of a dance, the easiest first, then by title. */
    public List<StoredFigure> ofDance(String dance) {
        return read(editionsOfDance(dance));
    }

    private List<StoredFigure> read(List<Edition> wanted) {
        return editions.of(wanted).stream().flatMap(Optional::stream).toList();
    }

    /**
     * The editions of those figures that there are: as long as they are the same, so is everything that is computed of
     * them.
     */
    public List<Edition> editions(Collection<String> ids) {
        return Editions.onlyCommittedIsSeen() ? index().editions(ids) : editions(repository.rows(studio.id(), ids));
    }

    public List<Edition> editionsOfDance(String dance) {
        return index().editionsOfDance(dance);
    }

    /** What lists show of the figures of a dance, by id. */
    Map<String, FigureSummary> summariesOfDance(String dance) {
        return index().summariesOfDance(dance);
    }

    List<String> unsound(Collection<String> ids) {
        return index().unsound(ids);
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

    /**
     * One of a dance that is not there any more, or of no length, stands in no list and in nobody's way; it is kept,
     * and its versions can be exported.
     */
    private Optional<StoredFigure> readable(FigureEntity entity) {
        try {
            return Optional.of(read(entity));
        } catch (IllegalStateException e) {
            LOG.warn("A stored figure is left out: {}", e.getMessage());
            return Optional.empty();
        }
    }

    /**
     * What is in the database is read without the gate that what is new must pass: a word that is understood no longer
     * leaves its cell empty, and what today's rules dislike is a finding.
     *
     * @throws IllegalStateException if there is no such dance, or no length
     */
    StoredFigure read(FigureEntity entity) {
        FigureDocument document = json.readValue(entity.document(), FigureDocument.class);
        return new StoredFigure(
                figures.of(document)
                        .figure()
                        .orElseThrow(() -> new IllegalStateException(entity.slug() + " is of the dance \""
                                + document.dance() + "\", " + document.bars() + " bars")),
                document,
                new Revision(entity.revision()));
    }
}
