package fluidframe.app.pieces;

import fluidframe.app.problems.ConflictException;
import fluidframe.app.problems.Revision;
import fluidframe.app.problems.UnknownException;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.DocumentStore;
import fluidframe.core.piece.Piece;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps pieces of music. */
@Service
public class PieceStore extends DocumentStore<PieceEntity> {

    private static final int LONGEST_TITLE = 120;

    private final PieceRepository repository;
    private final JsonMapper json;
    private final ApplicationEventPublisher events;

    PieceStore(PieceRepository repository, EntityManager entityManager, JsonMapper json, CurrentStudio studio, ApplicationEventPublisher events) {
        super("piece", PieceEntity.class, repository, entityManager, studio);
        this.repository = repository;
        this.json = json;
        this.events = events;
    }

    @Override
    protected PieceDocument documentOf(PieceEntity entity) {
        return read(entity).document();
    }

    /** By title. */
    @Transactional(readOnly = true)
    public List<StoredPiece> all() {
        return repository.all(studio()).stream().map(this::read).toList();
    }

    @Transactional(readOnly = true)
    public Optional<Piece> find(String id) {
        return stored(id).map(this::read).map(StoredPiece::piece);
    }

    /** A piece's document as it is stored. */
    @Transactional(readOnly = true)
    public Optional<String> text(String id) {
        return stored(id).map(PieceEntity::document);
    }

    /** Every piece's document as it is stored. */
    @Transactional(readOnly = true)
    public List<String> texts() {
        return repository.all(studio()).stream().map(PieceEntity::document).toList();
    }

    /** The document of a piece as it is stored: what it says in its plainest form. */
    public String write(PieceDocument document) {
        return json.writeValueAsString(PieceDocument.of(PieceReading.read(document, "")));
    }

    /**
     * @throws UnknownException if there is no such piece
     */
    @Transactional(readOnly = true)
    public StoredPiece get(String id) {
        return read(required(id));
    }

    /**
     * The number of a piece in the database, for what is danced to it.
     *
     * @throws ConflictException if it has been deleted meanwhile
     */
    @Transactional(readOnly = true)
    public long number(String id) {
        return stored(id).map(PieceEntity::id).orElseThrow(() -> new ConflictException("The piece \"" + id + "\" was deleted at the same moment; nothing was kept."));
    }

    /**
     * @throws ConflictException if the id is taken
     */
    @Transactional
    public StoredPiece create(PieceDocument document) {
        return read(add(new PieceEntity(studio(), document, write(document))));
    }

    /** Keeps what was made of a piece beside it, under an id that is not taken. */
    @Transactional
    public StoredPiece createBeside(PieceDocument document, String suffix) {
        int number = 2;
        while (stored(document.id() + "-" + number).isPresent()) {
            number++;
        }
        String title = document.title().substring(0, Math.min(document.title().length(), LONGEST_TITLE - suffix.length())) + suffix;
        return create(document.called(document.id() + "-" + number, title));
    }

    /**
     * @throws UnknownException  if there is no such piece
     * @throws ConflictException if it has been changed since the revision given; carries what is stored
     */
    @Transactional
    public StoredPiece replace(String id, PieceDocument document, Revision revision) {
        PieceEntity entity = current(id, revision);
        entity.describe(document, write(document));
        return read(flushed(entity));
    }

    /**
     * Replaces what is stored, whatever its revision; for a book that is taken in.
     *
     * @throws UnknownException if there is no such piece
     */
    @Transactional
    public void renew(PieceDocument document) {
        required(document.id()).describe(document, write(document));
    }

    /**
     * @throws UnknownException  if there is no such piece
     * @throws ConflictException if it has been changed since the revision given, or if a routine is danced to it
     */
    @Transactional
    public void delete(String id, Revision revision) {
        PieceEntity entity = current(id, revision);
        events.publishEvent(new PieceDeletion(id, entity.id()));
        repository.delete(entity);
    }

    private StoredPiece read(PieceEntity entity) {
        PieceDocument document = json.readValue(entity.document(), PieceDocument.class);
        return new StoredPiece(PieceReading.read(document, ""), document, new Revision(entity.revision()));
    }
}
