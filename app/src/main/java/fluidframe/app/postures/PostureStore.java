package fluidframe.app.postures;

import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.PlainStore;
import fluidframe.core.posture.PostureSheet;
import jakarta.persistence.EntityManager;
import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps sheets of posture and hold. */
@Service
public class PostureStore extends PlainStore<PostureEntity, PostureDocument> {

    PostureStore(
            PostureRepository repository,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events) {
        super("posture", PostureEntity.class, PostureDocument.class, repository, entityManager, studio, json, events);
    }

    /** By title. */
    @Transactional(readOnly = true)
    public List<PostureSheet> sheets() {
        return all().stream()
                .map(stored -> PostureReading.read(stored.document(), ""))
                .toList();
    }

    @Override
    protected PostureDocument plain(PostureDocument document) {
        PostureReading.read(document, "");
        return document;
    }

    @Override
    protected PostureEntity entity(long studio, PostureDocument document, String text) {
        return new PostureEntity(studio, document, text);
    }

    @Override
    protected void describe(PostureEntity entity, PostureDocument document, String text) {
        entity.describe(document, text);
    }

    @Override
    protected Object deletion(PostureEntity entity) {
        return new PostureDeletion(entity.slug());
    }
}
