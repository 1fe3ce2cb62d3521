package fluidframe.app.figures;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fluidframe.app.problems.Revision;
import fluidframe.app.storage.Generation;
import fluidframe.core.notation.DraftReader;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.json.JsonMapper;

/** Every figure as it is stored, read once for each of its revisions however often it is asked for. */
@Component
public class FigureLibrary {

    /** Twenty times the shipped book. */
    private static final int MOST_REMEMBERED = 4_000;

    private final FigureRepository repository;
    private final Generation generation;
    private final JsonMapper json;
    private final Cache<Key, StoredFigure> read = Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    FigureLibrary(@Lazy FigureRepository repository, Generation generation, JsonMapper json) {
        this.repository = repository;
        this.generation = generation;
        this.json = json;
    }

    /** A figure's id and revision, as the database has them. */
    record Edition(String id, long revision) {
    }

    private record Key(long generation, String id, long revision) {
    }

    @Transactional(readOnly = true)
    public Optional<StoredFigure> find(String id) {
        return of(repository.editions(List.of(id))).stream().findFirst();
    }

    /** Those of the ids that there are, by id. */
    @Transactional(readOnly = true)
    public Map<String, StoredFigure> findAll(List<String> ids) {
        Map<String, StoredFigure> found = new LinkedHashMap<>();
        of(repository.editions(ids)).forEach(figure -> found.put(figure.figure().id(), figure));
        return found;
    }

    /** The figures of a dance, the easiest first, then by title. */
    @Transactional(readOnly = true)
    public List<StoredFigure> ofDance(String dance) {
        return of(repository.editionsOfDance(dance));
    }

    private List<StoredFigure> of(List<Edition> editions) {
        long now = generation.number();
        Map<String, StoredFigure> known = new LinkedHashMap<>();
        List<String> unread = new ArrayList<>();
        for (Edition edition : editions) {
            StoredFigure remembered = read.getIfPresent(new Key(now, edition.id(), edition.revision()));
            if (remembered == null) {
                unread.add(edition.id());
            }
            known.put(edition.id(), remembered);
        }
        for (FigureEntity entity : unread.isEmpty() ? List.<FigureEntity>of() : repository.findAllById(unread)) {
            StoredFigure figure = read(entity);
            if (seesOnlyWhatIsKept()) {
                read.put(new Key(now, entity.id(), entity.revision()), figure);
            }
            known.put(entity.id(), figure);
        }
        return List.copyOf(known.values());
    }

    /** A transaction that writes also sees what it may yet take back. */
    private static boolean seesOnlyWhatIsKept() {
        return !TransactionSynchronizationManager.isActualTransactionActive() || TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }

    /** What is in the database is always readable: what today's rules dislike was judged when it came in. */
    StoredFigure read(FigureEntity entity) {
        FigureDocument document = json.readValue(entity.document(), FigureDocument.class);
        return new StoredFigure(DraftReader.read(FigureMapper.draft(document)).figure()
                .orElseThrow(() -> new IllegalStateException("the stored figure " + entity.id() + " cannot be read")), document, new Revision(entity.revision()));
    }
}
