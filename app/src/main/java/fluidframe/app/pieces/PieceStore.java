package fluidframe.app.pieces;

import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.PlainStore;
import fluidframe.core.piece.Piece;
import jakarta.persistence.EntityManager;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps pieces of music. */
@Service
public class PieceStore extends PlainStore<PieceEntity, PieceDocument> {

    PieceStore(
            PieceRepository repository,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events) {
        super("piece", PieceEntity.class, PieceDocument.class, repository, entityManager, studio, json, events);
    }

    /** @throws fluidframe.app.problems.UnknownException if there is no such piece */
    @Transactional(readOnly = true)
    public Piece piece(String id) {
        return PieceReading.read(get(id).document(), "");
    }

    @Transactional(readOnly = true)
    public Optional<Piece> find(String id) {
        return stored(id).map(entity -> PieceReading.read(documentOf(entity), ""));
    }

    @Override
    protected PieceDocument plain(PieceDocument document) {
        return PieceDocument.of(PieceReading.read(document, ""));
    }

    @Override
    protected PieceEntity entity(long studio, PieceDocument document, String text) {
        return new PieceEntity(studio, document, text);
    }

    @Override
    protected void describe(PieceEntity entity, PieceDocument document, String text) {
        entity.describe(document, text);
    }

    @Override
    protected Object deletion(PieceEntity entity) {
        return new PieceDeletion(entity.slug(), entity.id());
    }
}
