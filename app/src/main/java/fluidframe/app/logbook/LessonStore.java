package fluidframe.app.logbook;

import fluidframe.app.people.CoupleDeletion;
import fluidframe.app.people.CoupleStore;
import fluidframe.app.problems.Faults;
import fluidframe.app.problems.Revision;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.PlainStore;
import fluidframe.app.storage.StoredPlainDocument;
import fluidframe.core.practice.LessonPlanner;
import fluidframe.core.practice.Subject;
import jakarta.persistence.EntityManager;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps lessons. */
@Service
public class LessonStore extends PlainStore<LessonEntity, LessonDocument> {

    static final int LONGEST_PART = 240;

    private final LessonRepository repository;
    private final CoupleStore couples;

    LessonStore(
            LessonRepository repository,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events,
            CoupleStore couples) {
        super("lesson", LessonEntity.class, LessonDocument.class, repository, entityManager, studio, json, events);
        this.repository = repository;
        this.couples = couples;
    }

    /** The lessons of some days, in the order in which they are held. */
    @Transactional(readOnly = true)
    public List<LessonDocument> between(LocalDate from, LocalDate to) {
        return repository.between(studio(), from, to).stream()
                .map(this::documentOf)
                .sorted(Comparator.comparing(LessonDocument::date).thenComparing(LessonDocument::time))
                .toList();
    }

    /** The same, each with its revision. */
    @Transactional(readOnly = true)
    public List<StoredPlainDocument<LessonDocument>> storedBetween(LocalDate from, LocalDate to) {
        return repository.between(studio(), from, to).stream()
                .map(lesson -> new StoredPlainDocument<>(documentOf(lesson), new Revision(lesson.revision())))
                .toList();
    }

    /**
     * New lessons, all of them or none.
     *
     * @throws fluidframe.app.problems.ConflictException if an id is taken
     */
    @Transactional
    public List<LessonDocument> createAll(List<LessonDocument> lessons) {
        return lessons.stream().map(lesson -> create(lesson).document()).toList();
    }

    /** A couple's lessons, the earliest first. */
    @Transactional(readOnly = true)
    public List<LessonDocument> of(long couple) {
        return repository.findAllByCoupleIdOrderByHeldOnAsc(couple).stream()
                .map(this::documentOf)
                .toList();
    }

    /** The number of a lesson in the database, if there is one of that id. */
    @Transactional(readOnly = true)
    public Optional<Long> find(String id) {
        return stored(id).map(LessonEntity::id);
    }

    /** After what was noted in them is gone. */
    @EventListener
    @Order(2)
    @Transactional
    public void leave(CoupleDeletion leaving) {
        repository.deleteAllInBatch(repository.findAllByCoupleIdOrderByHeldOnAsc(leaving.number()));
    }

    @Override
    protected LessonDocument plain(LessonDocument lesson) {
        Faults faults = new Faults("");
        faults.checkId("/id", lesson.id());
        faults.checkTitle("/title", lesson.title());
        if (couples.find(lesson.couple()).isEmpty()) {
            faults.add("/couple", lesson.couple(), LogbookSentences.theIdOfACouple());
        }
        checkTime(faults, lesson);
        if (lesson.minutes() < LessonPlanner.SHORTEST || lesson.minutes() > LessonPlanner.LONGEST) {
            faults.add(
                    "/minutes",
                    String.valueOf(lesson.minutes()),
                    LogbookSentences.toMinutes(LessonPlanner.SHORTEST, LessonPlanner.LONGEST));
        }
        for (int i = 0; i < lesson.parts().size(); i++) {
            LessonDocument.LessonPartDocument part = lesson.parts().get(i);
            String place = "/parts/" + i;
            if (part.minutes() < 0 || part.minutes() > LONGEST_PART) {
                faults.add(
                        place + "/minutes", String.valueOf(part.minutes()), LogbookSentences.toMinutes2(LONGEST_PART));
            }
            if (part.subject() != null) {
                faults.tried(place + "/subject", part.subject(), Subject.EXPECTED, () -> Subject.parse(part.subject()));
            }
        }
        faults.refuse();
        return lesson;
    }

    private static void checkTime(Faults faults, LessonDocument lesson) {
        faults.date("/date", lesson.date());
        try {
            LocalTime.parse(lesson.time());
        } catch (DateTimeException e) {
            faults.add("/time", lesson.time(), LogbookSentences.aTimeSuchAs1830());
        }
    }

    @Override
    protected LessonEntity entity(long studio, LessonDocument document, String text) {
        return new LessonEntity(studio, document, text, couples.number(document.couple()));
    }

    @Override
    protected void describe(LessonEntity entity, LessonDocument document, String text) {
        entity.describe(document, text, couples.number(document.couple()));
    }

    @Override
    protected Object deletion(LessonEntity entity) {
        return new LessonDeletion(entity.slug(), entity.id());
    }
}
