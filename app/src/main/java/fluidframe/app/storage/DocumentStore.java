package fluidframe.app.storage;

import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Revision;
import fluidframe.app.problems.UnknownException;
import jakarta.persistence.EntityManager;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hibernate.envers.AuditReaderFactory;
import org.hibernate.envers.Audited;
import org.hibernate.envers.RevisionType;
import org.hibernate.envers.query.AuditEntity;
import org.hibernate.envers.query.AuditQuery;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps documents of one kind so that nobody's work is overwritten unseen.
 *
 * @param <E> how they are stored
 */
public abstract class DocumentStore<E extends StoredDocument> implements StoredForm {

    private static final int MOST_VERSIONS = 100;
    private static final int MOST_DELETED = 200;

    private final String kind;
    private final Class<E> type;
    private final DocumentRepository<E> repository;
    private final EntityManager entityManager;
    private final CurrentStudio studio;

    /** @param kind what they are called, for messages: figure, routine */
    protected DocumentStore(
            String kind,
            Class<E> type,
            DocumentRepository<E> repository,
            EntityManager entityManager,
            CurrentStudio studio) {
        this.studio = studio;
        this.kind = kind;
        this.type = type;
        this.repository = repository;
        this.entityManager = entityManager;
    }

    /** The document for people, as an answer carries it. */
    protected abstract Object documentOf(E entity);

    /** Every document as it is stored. */
    public abstract List<String> texts();

    protected final Optional<E> stored(String id) {
        return repository.findByStudioIdAndSlug(studio.id(), id);
    }

    /** What they are called. */
    public String kind() {
        return kind;
    }

    /** Whether what was saved before, and what has been deleted, is still there. */
    public boolean keepsVersions() {
        return type.isAnnotationPresent(Audited.class);
    }

    @Override
    public String table() {
        jakarta.persistence.Table table = type.getAnnotation(jakarta.persistence.Table.class);
        return table == null || table.name().isEmpty() ? type.getSimpleName().replace("Entity", "") : table.name();
    }

    /** Whether there is one with that id now. */
    @Transactional(readOnly = true)
    public boolean isTaken(String id) {
        return stored(id).isPresent();
    }

    /** A document as it is stored, with its revision. */
    @Transactional(readOnly = true)
    public Optional<StoredText> storedText(String id) {
        return stored(id).map(entity -> new StoredText(entity.document(), new Revision(entity.revision())));
    }

    /** The revision of each that is stored, by its id: what was worked out of a document holds while it is the same. */
    @Transactional(readOnly = true)
    public Map<String, Revision> revisions() {
        return repository.revisions(studio.id()).stream()
                .collect(Collectors.toMap(
                        DocumentRepository.SlugRevision::getSlug, each -> new Revision(each.getRevision())));
    }

    /** The number of the studio whose documents these are. */
    protected final long studio() {
        return studio.id();
    }

    /** @throws UnknownException if there is none with that id */
    protected final E required(String id) {
        return stored(id).orElseThrow(() -> new UnknownException(kind, id));
    }

    /** @throws ConflictException if the id is taken; carries what is stored */
    protected final E add(E entity) {
        stored(entity.slug()).ifPresent(this::refuse);
        entityManager.persist(entity);
        entityManager.flush();
        return entity;
    }

    private void refuse(E taken) {
        throw new ConflictException(StorageSentences.idThereIsAlreadyAExpected(kind, taken.slug()), documentOf(taken));
    }

    /**
     * Some at once, written when the transaction writes.
     *
     * @throws ConflictException if an id is taken; carries what is stored
     */
    protected final void addAll(List<E> entities) {
        List<String> ids = entities.stream().map(StoredDocument::slug).toList();
        repository.findAllByStudioIdAndSlugIn(studio.id(), ids).stream()
                .findFirst()
                .ifPresent(this::refuse);
        entities.forEach(entityManager::persist);
    }

    /**
     * @throws UnknownException if there is none with that id
     * @throws ConflictException if it has been changed since the revision given; carries what is stored
     */
    protected final E current(String id, Revision revision) {
        E entity = required(id);
        if (entity.revision() != revision.number()) {
            throw new ConflictException(StorageSentences.thisWasSavedElsewhereSinceYou(kind), documentOf(entity));
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
        AuditQuery query = AuditReaderFactory.get(entityManager)
                .createQuery()
                .forRevisionsOfEntity(type, false, false)
                .add(AuditEntity.property("studioId").eq(studio.id()))
                .add(AuditEntity.property("slug").eq(id));
        before.ifPresent(number -> query.add(AuditEntity.revisionNumber().lt(number)));
        List<StoredVersion> versions = rows(query.addOrder(
                                AuditEntity.revisionNumber().desc())
                        .setMaxResults(MOST_VERSIONS))
                .map(row -> {
                    KeptRevision revision = (KeptRevision) row[1];
                    return new StoredVersion(
                            revision.number(),
                            revision.kept(),
                            revision.author(),
                            type.cast(row[0]).document());
                })
                .toList();
        if (versions.isEmpty() && before.isEmpty()) {
            throw new UnknownException(kind, id);
        }
        return versions;
    }

    /** What has been deleted and not been brought back, the latest first, at most two hundred. */
    @Transactional(readOnly = true)
    public List<Deleted> deleted() {
        AuditQuery query = AuditReaderFactory.get(entityManager)
                .createQuery()
                .forRevisionsOfEntity(type, false, true)
                .add(AuditEntity.revisionType().eq(RevisionType.DEL))
                .add(AuditEntity.property("studioId").eq(studio.id()))
                .addOrder(AuditEntity.revisionNumber().desc())
                .setMaxResults(MOST_DELETED);
        Map<String, Deleted> latest = new LinkedHashMap<>();
        rows(query).forEach(row -> {
            E entity = type.cast(row[0]);
            latest.computeIfAbsent(
                    entity.slug(), slug -> new Deleted(kind, slug, entity.title(), ((KeptRevision) row[1]).kept()));
        });
        repository
                .findAllByStudioIdAndSlugIn(studio.id(), latest.keySet())
                .forEach(there -> latest.remove(there.slug()));
        return List.copyOf(latest.values());
    }

    private static Stream<Object[]> rows(AuditQuery query) {
        return ((List<?>) query.getResultList()).stream().map(Object[].class::cast);
    }

    /** Writes what has been changed, so that the new revision is known. */
    protected final E flushed(E entity) {
        entityManager.flush();
        return entity;
    }
}
