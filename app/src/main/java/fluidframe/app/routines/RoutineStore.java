package fluidframe.app.routines;

import fluidframe.app.figures.FigureDeletion;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.pieces.PieceDeletion;
import fluidframe.app.pieces.PieceStore;
import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Revision;
import fluidframe.app.problems.UnknownException;
import fluidframe.app.storage.Author;
import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.DocumentStore;
import fluidframe.app.storage.Editions;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/** Keeps routines. */
@Service
public class RoutineStore extends DocumentStore<RoutineEntity> {

    private static final int MOST_REMEMBERED = 1_000;

    private final Editions<RoutineEntity, StoredRoutine> editions;
    private final RoutineRepository repository;
    private final JsonMapper json;
    private final Changes changes;
    private final FigureStore figureStore;
    private final PieceStore pieces;
    private final ApplicationEventPublisher events;

    RoutineStore(
            RoutineRepository repository,
            EntityManager entityManager,
            JsonMapper json,
            Changes changes,
            FigureStore figureStore,
            PieceStore pieces,
            CurrentStudio studio,
            TransactionOperations reading,
            ApplicationEventPublisher events) {
        super("routine", RoutineEntity.class, repository, entityManager, studio);
        this.changes = changes;
        this.events = events;
        this.figureStore = figureStore;
        this.pieces = pieces;
        this.repository = repository;
        this.json = json;
        this.editions = new Editions<>(MOST_REMEMBERED, repository, reading, this::read);
    }

    @Override
    protected RoutineDocument documentOf(RoutineEntity entity) {
        return read(entity).document();
    }

    @Transactional(readOnly = true)
    public List<RoutineSummary> list() {
        Map<Long, Instant> kept = repository.lastKept(studio(), Author.PROGRAM).stream()
                .collect(Collectors.toMap(
                        RoutineRepository.LastKept::getId, each -> Instant.ofEpochMilli(each.getMilliseconds())));
        return repository.rows(studio()).stream()
                .map(row -> row.summary(Optional.ofNullable(kept.get(row.id()))))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<StoredRoutine> all() {
        long era = changes.era();
        return editions.of(
                repository.rows(studio()).stream().map(row -> row.edition(era)).toList());
    }

    @Override
    public Object read(String document) {
        return json.readValue(document, RoutineDocument.class);
    }

    /** The document of a routine as it is stored. */
    public String write(RoutineDocument document) {
        return json.writeValueAsString(document);
    }

    /** The routines that dance a figure. */
    @Transactional(readOnly = true)
    public List<StoredRoutine> using(String figure) {
        return repository.using(studio(), figure).stream().map(this::read).toList();
    }

    @Override
    @Transactional(readOnly = true)
    public List<String> texts() {
        return repository.documents(studio());
    }

    /** @throws UnknownException if there is no such routine */
    @Transactional(readOnly = true)
    public StoredRoutine get(String id) {
        return read(required(id));
    }

    /** @throws ConflictException if the id is taken */
    @Transactional
    public StoredRoutine create(RoutineDocument document) {
        return read(add(new RoutineEntity(
                studio(), document, write(document), figureStore.numbers(document.figures()), pieceOf(document))));
    }

    /** @throws ConflictException if it has been changed since the revision given; carries what is stored */
    @Transactional
    public StoredRoutine replace(String id, RoutineDocument document, Revision revision) {
        RoutineEntity entity = current(id, revision);
        entity.describe(document, write(document), figureStore.numbers(document.figures()), pieceOf(document));
        return read(flushed(entity));
    }

    /**
     * @throws UnknownException if there is no such routine
     * @throws ConflictException if it has been changed since the revision given, or if it is entered for an event
     */
    @Transactional
    public void delete(String id, Revision revision) {
        RoutineEntity entity = current(id, revision);
        events.publishEvent(new RoutineDeletion(id, entity.id()));
        repository.delete(entity);
    }

    /** Of some ids those of routines there are. */
    @Transactional(readOnly = true)
    public Set<String> existing(Collection<String> ids) {
        return repository.findAllByStudioIdAndSlugIn(studio(), ids).stream()
                .map(RoutineEntity::slug)
                .collect(Collectors.toSet());
    }

    /**
     * @return their numbers in the database
     * @throws ConflictException if one has been deleted meanwhile
     */
    @Transactional(readOnly = true)
    public Set<Long> numbers(Collection<String> ids) {
        Map<String, Long> there = repository.findAllByStudioIdAndSlugIn(studio(), ids).stream()
                .collect(Collectors.toMap(RoutineEntity::slug, RoutineEntity::id));
        ids.stream().filter(id -> !there.containsKey(id)).findFirst().ifPresent(gone -> {
            throw new ConflictException(RoutinesSentences.theRoutineWasDeletedAtThe(gone));
        });
        return Set.copyOf(there.values());
    }

    /** A figure that a routine needs cannot be deleted. */
    @EventListener
    @Transactional(readOnly = true)
    public void keep(FigureDeletion leaving) {
        List<RoutineEntity> users = repository.using(studio(), leaving.id());
        if (!users.isEmpty()) {
            throw new ConflictException(RoutinesSentences.theFigureIsDancedInRemove(
                    leaving.id(), users.stream().map(RoutineEntity::title).collect(Collectors.joining(", "))));
        }
    }

    /** A piece that a routine is danced to cannot be deleted. */
    @EventListener
    @Transactional(readOnly = true)
    public void keep(PieceDeletion leaving) {
        List<RoutineEntity> users = repository.dancedTo(studio(), leaving.number());
        if (!users.isEmpty()) {
            throw new ConflictException(RoutinesSentences.thePieceIsDancedToIn(
                    leaving.id(), users.stream().map(RoutineEntity::title).collect(Collectors.joining(", "))));
        }
    }

    private Long pieceOf(RoutineDocument document) {
        return document.pieceId().map(pieces::number).orElse(null);
    }

    private StoredRoutine read(RoutineEntity entity) {
        return new StoredRoutine(
                json.readValue(entity.document(), RoutineDocument.class), new Revision(entity.revision()));
    }
}
