package fluidframe.app.storage;

import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Revision;
import fluidframe.app.problems.UnknownException;
import jakarta.persistence.EntityManager;
import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps documents of one kind, each in its plainest form.
 *
 * @param <E> how they are stored
 * @param <D> what is stored
 */
public abstract class PlainStore<E extends StoredDocument, D extends PlainDocument> extends DocumentStore<E> {

    private static final int LONGEST_TITLE = 120;

    private final Class<D> form;
    private final DocumentRepository<E> repository;
    private final JsonMapper json;
    private final ApplicationEventPublisher events;

    /** @param kind what they are called, for messages */
    protected PlainStore(
            String kind,
            Class<E> type,
            Class<D> form,
            DocumentRepository<E> repository,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events) {
        super(kind, type, repository, entityManager, studio);
        this.form = form;
        this.repository = repository;
        this.json = json;
        this.events = events;
    }

    /**
     * What a document says in its plainest form.
     *
     * @throws fluidframe.app.problems.RefusedException naming everything that is wrong with it
     */
    protected abstract D plain(D document);

    /** A new one. */
    protected abstract E entity(long studio, D document, String text);

    protected abstract void describe(E entity, D document, String text);

    /** Published before one is deleted, so that whoever needs it can object. */
    protected abstract Object deletion(E entity);

    @Override
    protected D documentOf(E entity) {
        return json.readValue(entity.document(), form);
    }

    @Override
    public Object read(String document) {
        return json.readValue(document, form);
    }

    /** By title. */
    @Transactional(readOnly = true)
    public List<StoredPlainDocument<D>> all() {
        return repository.findAllByStudioIdOrderByTitleAscSlugAsc(studio()).stream()
                .map(this::storedDocument)
                .toList();
    }

    /** @throws UnknownException if there is none of that id */
    @Transactional(readOnly = true)
    public StoredPlainDocument<D> get(String id) {
        return storedDocument(required(id));
    }

    @Override
    @Transactional(readOnly = true)
    public List<String> texts() {
        return repository.findAllByStudioIdOrderByTitleAscSlugAsc(studio()).stream()
                .map(StoredDocument::document)
                .toList();
    }

    /** A document as it would be stored. */
    public String write(D document) {
        return json.writeValueAsString(plain(document));
    }

    /**
     * Its number in the database, for what refers to it.
     *
     * @throws ConflictException if it has been deleted meanwhile
     */
    @Transactional(readOnly = true)
    public long number(String id) {
        return stored(id)
                .map(StoredDocument::id)
                .orElseThrow(() -> new ConflictException(StorageSentences.theWasDeletedAtTheSame(kind(), id)));
    }

    /** @throws ConflictException if the id is taken */
    @Transactional
    public StoredPlainDocument<D> create(D document) {
        return storedDocument(add(entity(studio(), document, write(document))));
    }

    /** Keeps what was made of a document beside it, under an id that is not taken. */
    @Transactional
    public StoredPlainDocument<D> createBeside(D document, String suffix) {
        int number = 2;
        while (stored(document.id() + "-" + number).isPresent()) {
            number++;
        }
        String title =
                document.title().substring(0, Math.min(document.title().length(), LONGEST_TITLE - suffix.length()))
                        + suffix;
        return create(form.cast(document.called(document.id() + "-" + number, title)));
    }

    /**
     * @throws UnknownException if there is none of that id
     * @throws ConflictException if it has been changed since the revision given; carries what is stored
     */
    @Transactional
    public StoredPlainDocument<D> replace(String id, D document, Revision revision) {
        E entity = current(id, revision);
        describe(entity, document, write(document));
        return storedDocument(flushed(entity));
    }

    /**
     * @throws UnknownException if there is none of that id
     * @throws ConflictException if it has been changed since the revision given, or if something needs it
     */
    @Transactional
    public void delete(String id, Revision revision) {
        E entity = current(id, revision);
        events.publishEvent(deletion(entity));
        repository.delete(entity);
    }

    private StoredPlainDocument<D> storedDocument(E entity) {
        return new StoredPlainDocument<>(documentOf(entity), new Revision(entity.revision()));
    }
}
