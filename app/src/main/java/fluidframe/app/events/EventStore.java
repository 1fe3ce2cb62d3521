package fluidframe.app.events;

import fluidframe.app.problems.ConflictException;
import fluidframe.app.routines.RoutineDeletion;
import fluidframe.app.routines.RoutineStore;
import fluidframe.app.rules.ProfileDeletion;
import fluidframe.app.rules.ProfileStore;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.PlainStore;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps events. */
@Service
public class EventStore extends PlainStore<EventEntity, EventDocument> {

    private final EventRepository repository;
    private final ProfileStore profiles;
    private final RoutineStore routines;

    EventStore(
            EventRepository repository,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events,
            ProfileStore profiles,
            RoutineStore routines) {
        super("event", EventEntity.class, EventDocument.class, repository, entityManager, studio, json, events);
        this.repository = repository;
        this.profiles = profiles;
        this.routines = routines;
    }

    /**
     * An event as it is sent.
     *
     * @throws fluidframe.app.problems.RefusedException naming everything that is wrong
     */
    @Transactional(readOnly = true)
    public Event read(EventDocument document) {
        return EventReading.read(
                document, profiles.find(document.profile()), routines.existing(document.routines()), "");
    }

    /** Rules that an event is danced under cannot be deleted. */
    @EventListener
    @Transactional(readOnly = true)
    public void keep(ProfileDeletion leaving) {
        refuse(
                EventsSentences.theRulesBind(leaving.id()),
                EventsSentences.chooseOthersThereFirst(),
                repository.under(studio(), leaving.number()));
    }

    /** A routine that is entered for an event cannot be deleted. */
    @EventListener
    @Transactional(readOnly = true)
    public void keep(RoutineDeletion leaving) {
        refuse(
                EventsSentences.theRoutineIsEnteredFor(leaving.id()),
                EventsSentences.removeItThereFirst(),
                repository.dancing(studio(), leaving.number()));
    }

    private static void refuse(String why, String what, List<EventEntity> events) {
        if (!events.isEmpty()) {
            throw new ConflictException(
                    why + events.stream().map(EventEntity::title).collect(Collectors.joining(", ")) + what);
        }
    }

    @Override
    protected EventDocument plain(EventDocument document) {
        read(document);
        return document.complete();
    }

    @Override
    protected EventEntity entity(long studio, EventDocument document, String text) {
        return new EventEntity(
                studio, document, text, profiles.number(document.profile()), routines.numbers(document.routines()));
    }

    @Override
    protected void describe(EventEntity entity, EventDocument document, String text) {
        entity.describe(document, text, profiles.number(document.profile()), routines.numbers(document.routines()));
    }

    @Override
    protected Object deletion(EventEntity entity) {
        return new EventDeletion(entity.slug(), entity.id());
    }
}
