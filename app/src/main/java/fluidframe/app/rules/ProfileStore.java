package fluidframe.app.rules;

import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.PlainStore;
import fluidframe.core.rules.Profile;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the rules of organisers. */
@Service
public class ProfileStore extends PlainStore<ProfileEntity, ProfileDocument> {

    ProfileStore(
            ProfileRepository repository,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events) {
        super("profile", ProfileEntity.class, ProfileDocument.class, repository, entityManager, studio, json, events);
    }

    @Transactional(readOnly = true)
    public Optional<Profile> find(String id) {
        return stored(id).map(entity -> ProfileReading.read(documentOf(entity), ""));
    }

    /** By title. */
    @Transactional(readOnly = true)
    public List<Profile> profiles() {
        return all().stream()
                .map(stored -> ProfileReading.read(stored.document(), ""))
                .toList();
    }

    @Override
    protected ProfileDocument plain(ProfileDocument document) {
        return ProfileDocument.of(ProfileReading.read(document, ""));
    }

    @Override
    protected ProfileEntity entity(long studio, ProfileDocument document, String text) {
        return new ProfileEntity(studio, document, text);
    }

    @Override
    protected void describe(ProfileEntity entity, ProfileDocument document, String text) {
        entity.describe(document, text);
    }

    @Override
    protected Object deletion(ProfileEntity entity) {
        return new ProfileDeletion(entity.slug(), entity.id());
    }
}
