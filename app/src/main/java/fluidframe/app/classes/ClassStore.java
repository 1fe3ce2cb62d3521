package fluidframe.app.classes;

import fluidframe.app.problems.Faults;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.PlainStore;
import jakarta.persistence.EntityManager;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Keeps classes. */
@Service
class ClassStore extends PlainStore<ClassEntity, ClassDocument> {

    static final int LONGEST_PART = 180;

    ClassStore(
            ClassRepository repository,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events) {
        super("class", ClassEntity.class, ClassDocument.class, repository, entityManager, studio, json, events);
    }

    @Override
    protected ClassDocument plain(ClassDocument kept) {
        Faults faults = new Faults("");
        faults.checkId("/id", kept.id());
        faults.checkTitle("/title", kept.title());
        if (kept.date() != null) {
            faults.date("/date", kept.date());
        }
        for (int i = 0; i < kept.parts().size(); i++) {
            int minutes = kept.parts().get(i).minutes();
            if (minutes < 0 || minutes > LONGEST_PART) {
                faults.add(
                        "/parts/" + i + "/minutes", String.valueOf(minutes), ClassesSentences.toMinutes(LONGEST_PART));
            }
        }
        faults.refuse();
        return kept;
    }

    @Override
    protected ClassEntity entity(long studio, ClassDocument document, String text) {
        return new ClassEntity(studio, document, text);
    }

    @Override
    protected void describe(ClassEntity entity, ClassDocument document, String text) {
        entity.describe(document, text);
    }

    @Override
    protected Object deletion(ClassEntity entity) {
        return new ClassDeletion(entity.slug());
    }
}
