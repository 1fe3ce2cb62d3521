package fluidframe.app.routines;

import fluidframe.app.storage.Generation;
import fluidframe.app.storage.Shelf;
import fluidframe.app.figures.FigureLeaves;
import fluidframe.app.figures.FigureShelf;
import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Revision;
import fluidframe.app.problems.UnknownException;
import jakarta.persistence.EntityManager;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Keeps routines. */
@Service
public class RoutineShelf extends Shelf<RoutineEntity> {

    private final RoutineRepository repository;
    private final JsonMapper json;
    private final Generation generation;
    private final FigureShelf figureShelf;

    RoutineShelf(RoutineRepository repository, EntityManager entityManager, JsonMapper json, Generation generation, FigureShelf figureShelf) {
        super("routine", RoutineEntity.class, repository, entityManager);
        this.generation = generation;
        this.figureShelf = figureShelf;
        this.repository = repository;
        this.json = json;
    }

    @Override
    protected RoutineDocument documentOf(RoutineEntity entity) {
        return stored(entity).document();
    }

    @Transactional(readOnly = true)
    public List<RoutineSummary> list() {
        return repository.findAllByOrderByTitleAscIdAsc().stream().map(RoutineEntity::summary).toList();
    }

    @Transactional(readOnly = true)
    public List<StoredRoutine> all() {
        return repository.findAllByOrderByTitleAscIdAsc().stream().map(this::stored).toList();
    }

    /** A routine's document as it is stored. */
    @Transactional(readOnly = true)
    public Optional<String> text(String id) {
        return repository.findById(id).map(RoutineEntity::document);
    }

    /** The document of a routine as it is stored. */
    public String write(RoutineDocument document) {
        return json.writeValueAsString(document);
    }

    /**
     * Replaces what is stored, whatever its revision; for a book that is taken in.
     *
     * @throws UnknownException if there is no such routine
     */
    @Transactional
    public void renew(RoutineDocument document) {
        figureShelf.requireAll(document.figures());
        required(document.id()).describe(document, write(document));
    }

    /** The routines that dance a figure. */
    @Transactional(readOnly = true)
    public List<StoredRoutine> using(String figure) {
        return repository.using(figure).stream().map(this::stored).toList();
    }

    /** Every routine's document as it is stored. */
    @Transactional(readOnly = true)
    public List<String> texts() {
        return repository.documents();
    }

    /**
     * @throws UnknownException if there is no such routine
     */
    @Transactional(readOnly = true)
    public StoredRoutine get(String id) {
        return stored(required(id));
    }

    /**
     * @throws ConflictException if the id is taken
     */
    @Transactional
    public StoredRoutine create(RoutineDocument document) {
        figureShelf.requireAll(document.figures());
        return stored(add(new RoutineEntity(document, write(document))));
    }

    /**
     * @throws ConflictException if it has been changed since the revision given; carries what is stored
     */
    @Transactional
    public StoredRoutine replace(String id, RoutineDocument document, Revision revision) {
        RoutineEntity entity = current(id, revision);
        figureShelf.requireAll(document.figures());
        entity.describe(document, write(document));
        return stored(flushed(entity));
    }

    @Transactional
    public void delete(String id, Revision revision) {
        repository.delete(current(id, revision));
        generation.endsWithTransaction();
    }

    /** A figure that a routine needs cannot be deleted. */
    @EventListener
    @Transactional(readOnly = true)
    public void keep(FigureLeaves leaving) {
        List<RoutineEntity> users = repository.using(leaving.id());
        if (!users.isEmpty()) {
            throw new ConflictException("The figure \"" + leaving.id() + "\" is danced in "
                    + users.stream().map(RoutineEntity::title).collect(Collectors.joining(", ")) + "; take it out there first.");
        }
    }

    private StoredRoutine stored(RoutineEntity entity) {
        return new StoredRoutine(json.readValue(entity.document(), RoutineDocument.class), new Revision(entity.revision()));
    }
}
