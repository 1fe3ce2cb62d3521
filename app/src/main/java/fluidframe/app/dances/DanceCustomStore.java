package fluidframe.app.dances;

import fluidframe.app.problems.Revision;
import fluidframe.app.storage.Changes;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.PlainStore;
import fluidframe.app.storage.StoredPlainDocument;
import fluidframe.core.dance.Dance;
import jakarta.persistence.EntityManager;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what the studio holds differently of its dances. */
@Service
class DanceCustomStore extends PlainStore<DanceCustomEntity, DanceCustomDocument> {

    private final Changes changes;
    private final ApplicationEventPublisher events;

    DanceCustomStore(
            DanceCustomRepository repository,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events,
            Changes changes) {
        super(
                DancesSentences.customOfADance(),
                DanceCustomEntity.class,
                DanceCustomDocument.class,
                repository,
                entityManager,
                studio,
                json,
                events);
        this.changes = changes;
        this.events = events;
    }

    @Override
    protected DanceCustomDocument plain(DanceCustomDocument custom) {
        Dance dance = DanceCustomReading.read(custom);
        return custom.called(dance.id(), dance.title());
    }

    @Override
    @Transactional
    public StoredPlainDocument<DanceCustomDocument> create(DanceCustomDocument document) {
        changed(document.id());
        return super.create(document);
    }

    @Override
    @Transactional
    public StoredPlainDocument<DanceCustomDocument> replace(
            String id, DanceCustomDocument document, Revision revision) {
        changed(id);
        return super.replace(id, document, revision);
    }

    @Override
    @Transactional
    public void delete(String id, Revision revision) {
        changed(id);
        super.delete(id, revision);
    }

    private void changed(String dance) {
        changes.readAnew();
        events.publishEvent(new DanceCustomChange(dance));
    }

    @Override
    protected DanceCustomEntity entity(long studio, DanceCustomDocument document, String text) {
        return new DanceCustomEntity(studio, document, text);
    }

    @Override
    protected void describe(DanceCustomEntity entity, DanceCustomDocument document, String text) {
        entity.describe(document, text);
    }

    @Override
    protected Object deletion(DanceCustomEntity entity) {
        return new DanceCustomDeletion(entity.slug());
    }
}
