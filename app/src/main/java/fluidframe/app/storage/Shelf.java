package fluidframe.app.storage;

import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Revision;
import fluidframe.app.problems.UnknownException;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.hibernate.envers.AuditReaderFactory;
import org.hibernate.envers.DefaultRevisionEntity;
import org.hibernate.envers.RevisionType;
import org.hibernate.envers.query.AuditEntity;
import org.hibernate.envers.query.AuditQuery;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps documents of one kind so that nobody's work is overwritten unseen.
 *
 * @param <E> how they are stored
 */
public abstract class Shelf<E extends StoredDocument> {

    private static final int MOST_VERSIONS = 100;
    private static final int MOST_DELETED = 200;

    private final String kind;
    private final Class<E> type;
    private final JpaRepository<E, String> repository;
    private final EntityManager entityManager;

    /**
     * @param kind what they are called, for messages: figure, routine
     */
    protected Shelf(String kind, Class<E> type, JpaRepository<E, String> repository, EntityManager entityManager) {
        this.kind = kind;
        this.type = type;
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

    /**
     * The kept versions of a document, the latest first, a hundred at a time; also of one that has been deleted.
     *
     * @param before only those before this number; empty for the latest
     * @throws UnknownException if there never was such a document
     */
    @Transactional(readOnly = true)
    public List<StoredVersion> versions(String id, Optional<Integer> before) {
        AuditQuery query = AuditReaderFactory.get(entityManager).createQuery().forRevisionsOfEntity(type, false, false).add(AuditEntity.id().eq(id));
        before.ifPresent(number -> query.add(AuditEntity.revisionNumber().lt(number)));
        List<StoredVersion> versions = rows(query.addOrder(AuditEntity.revisionNumber().desc()).setMaxResults(MOST_VERSIONS)).map(row -> {
            DefaultRevisionEntity revision = (DefaultRevisionEntity) row[1];
            return new StoredVersion(revision.getId(), when(revision), type.cast(row[0]).document());
        }).toList();
        if (versions.isEmpty() && before.isEmpty()) {
            throw new UnknownException(kind, id);
        }
        return versions;
    }

    /** What has been deleted and not been brought back, the latest first, at most two hundred. */
    @Transactional(readOnly = true)
    public List<Deleted> deleted() {
        AuditQuery query = AuditReaderFactory.get(entityManager).createQuery().forRevisionsOfEntity(type, false, true).add(AuditEntity.revisionType().eq(RevisionType.DEL))
                .addOrder(AuditEntity.revisionNumber().desc()).setMaxResults(MOST_DELETED);
        Map<String, Deleted> latest = new LinkedHashMap<>();
        rows(query).forEach(row -> {
            E entity = type.cast(row[0]);
            latest.computeIfAbsent(entity.id(), id -> new Deleted(kind, id, entity.title(), when((DefaultRevisionEntity) row[1])));
        });
        repository.findAllById(latest.keySet()).forEach(there -> latest.remove(there.id()));
        return List.copyOf(latest.values());
    }

    private static Stream<Object[]> rows(AuditQuery query) {
        return ((List<?>) query.getResultList()).stream().map(Object[].class::cast);
    }

    private static Instant when(DefaultRevisionEntity revision) {
        return Instant.ofEpochMilli(revision.getTimestamp());
    }

    /** Writes what has been changed, so that the new revision is known. */
    protected final E flushed(E entity) {
        entityManager.flush();
        return entity;
    }
}
