package fluidframe.app.storage;

import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Revision;
import fluidframe.app.problems.UnknownException;
import jakarta.persistence.EntityManager;
import org.springframework.data.jpa.repository.JpaRepository;

/**
 * Keeps documents of one kind so that nobody's work is overwritten unseen.
 *
 * @param <E> how they are stored
 */
public abstract class Shelf<E extends StoredDocument> {

    private final String kind;
    private final JpaRepository<E, String> repository;
    private final EntityManager entityManager;

    /**
     * @param kind what they are called, for messages: figure, routine
     */
    protected Shelf(String kind, JpaRepository<E, String> repository, EntityManager entityManager) {
        this.kind = kind;
        this.repository = repository;
        this.entityManager = entityManager;
    }

    /** The document for people, as an answer carries it. */
    protected abstract Object documentOf(E entity);

    /**
     * @throws UnknownException if there is none with that id
     */
    protected final E required(String id) {
        return repository.findById(id).orElseThrow(() -> new UnknownException(kind, id));
    }

    /**
     * @throws ConflictException if the id is taken; carries what is stored
     */
    protected final E add(E entity) {
        repository.findById(entity.id()).ifPresent(taken -> {
            throw new ConflictException("/id: there is already a " + kind + " \"" + entity.id() + "\"; expected an id that is not taken.", documentOf(taken));
        });
        entityManager.persist(entity);
        entityManager.flush();
        return entity;
    }

    /**
     * @throws UnknownException  if there is none with that id
     * @throws ConflictException if it has been changed since the revision given; carries what is stored
     */
    protected final E current(String id, Revision revision) {
        E entity = required(id);
        if (entity.revision() != revision.number()) {
            throw new ConflictException("This " + kind + " was saved elsewhere since you opened it. Your version is still here, and the stored one comes with this message.",
                    documentOf(entity));
        }
        return entity;
    }

    /** Writes what has been changed, so that the new revision is known. */
    protected final E flushed(E entity) {
        entityManager.flush();
        return entity;
    }
}
