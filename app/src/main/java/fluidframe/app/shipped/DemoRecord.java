package fluidframe.app.shipped;

import fluidframe.app.logbook.LessonDocument;
import fluidframe.app.logbook.LessonPlans;
import fluidframe.app.logbook.LessonStore;
import fluidframe.app.logbook.NoteDocument;
import fluidframe.app.logbook.NoteStore;
import fluidframe.app.people.CoupleDocument;
import fluidframe.app.people.CoupleStore;
import fluidframe.app.people.PersonDocument;
import fluidframe.app.people.PersonStore;
import fluidframe.app.storage.Author;
import fluidframe.app.storage.CurrentStudio;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * The invented people of the demonstration and some months of their lessons, counted back from the day on which they
 * come in. They come in once, with the demonstration's book.
 */
@Component
class DemoRecord {

    private static final Logger LOG = LoggerFactory.getLogger(DemoRecord.class);
    private static final String NAME = "demo-record";
    private static final String BOOK = "demo";

    private final List<String> books;
    private final PersonStore people;
    private final CoupleStore couples;
    private final LessonStore lessons;
    private final NoteStore notes;
    private final LessonPlans plans;
    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final CurrentStudio studio;
    private final TransactionTemplate transaction;

    DemoRecord(
            @Value("${fluidframe.books}") List<String> books,
            PersonStore people,
            CoupleStore couples,
            LessonStore lessons,
            NoteStore notes,
            LessonPlans plans,
            JdbcClient jdbc,
            JsonMapper json,
            CurrentStudio studio,
            PlatformTransactionManager transactions) {
        this.books = books;
        this.people = people;
        this.couples = couples;
        this.lessons = lessons;
        this.notes = notes;
        this.plans = plans;
        this.jdbc = jdbc;
        this.json = json;
        this.studio = studio;
        this.transaction = new TransactionTemplate(transactions);
    }

    private record Recorded(
            List<PersonDocument> people,
            List<CoupleDocument> couples,
            List<RecordedLesson> lessons,
            List<RecordedNote> notes) {}

    /**
     * @param inDays how many days from today; before it where negative
     * @param planned whether its parts are made of what is due
     */
    private record RecordedLesson(
            String id,
            String title,
            String couple,
            int inDays,
            String time,
            int minutes,
            String routine,
            boolean planned) {}

    /** @param minute of the day */
    private record RecordedNote(
            String couple,
            int daysAgo,
            int minute,
            String subject,
            String grade,
            List<String> faults,
            String lesson,
            String words,
            boolean homework) {}

    @EventListener(ApplicationStartedEvent.class)
    @Order(2)
    void takeIn() throws IOException {
        boolean known = jdbc.sql("select count(*) from shipped_book where studio_id = ? and name = ?")
                        .params(studio.id(), NAME)
                        .query(Integer.class)
                        .single()
                > 0;
        if (!known && books.contains(BOOK)) {
            Recorded recorded = json.readValue(
                    new ClassPathResource("fluidframe/" + NAME + ".json").getContentAsByteArray(), Recorded.class);
            Author.program(() -> transaction.executeWithoutResult(status -> takeIn(recorded, LocalDate.now())));
        }
    }

    private void takeIn(Recorded recorded, LocalDate today) {
        jdbc.sql("insert into shipped_book (studio_id, name, fingerprint) values (?, ?, ?)")
                .params(studio.id(), NAME, "1")
                .update();
        if (!people.all().isEmpty() || !couples.all().isEmpty()) {
            return;
        }
        recorded.people().forEach(people::create);
        recorded.couples().forEach(couples::create);
        recorded.lessons().stream()
                .filter(lesson -> !lesson.planned())
                .forEach(lesson -> lessons.create(lesson(lesson, today, List.of())));
        notes.take(notes(recorded, today), List.of()).stream()
                .filter(outcome -> !outcome.sentence().isEmpty())
                .findFirst()
                .ifPresent(refused -> {
                    throw new IllegalStateException(
                            "The demonstration's note " + refused.id() + " was refused: " + refused.sentence());
                });
        recorded.lessons().stream()
                .filter(RecordedLesson::planned)
                .forEach(lesson -> lessons.create(lesson(
                        lesson,
                        today,
                        plans.plan(
                                        lesson.couple(),
                                        lesson.minutes(),
                                        lesson.routine(),
                                        Instant.now(),
                                        ZoneId.systemDefault())
                                .parts())));
        LOG.info(
                "Took in {} people of the demonstration, {} lessons and {} notes",
                recorded.people().size(),
                recorded.lessons().size(),
                recorded.notes().size());
    }

    private static LessonDocument lesson(
            RecordedLesson lesson, LocalDate today, List<LessonDocument.LessonPartDocument> parts) {
        return new LessonDocument(
                lesson.id(),
                lesson.title(),
                lesson.couple(),
                today.plusDays(lesson.inDays()).toString(),
                lesson.time(),
                lesson.minutes(),
                lesson.routine(),
                null,
                parts);
    }

    private static List<NoteDocument> notes(Recorded recorded, LocalDate today) {
        List<NoteDocument> notes = new ArrayList<>();
        for (RecordedNote note : recorded.notes()) {
            Instant at = today.minusDays(note.daysAgo())
                    .atStartOfDay(ZoneId.systemDefault())
                    .plusMinutes(note.minute())
                    .toInstant();
            notes.add(new NoteDocument(
                    "demo-note-" + notes.size(),
                    note.couple(),
                    note.lesson(),
                    null,
                    at.toString(),
                    note.subject(),
                    note.grade(),
                    note.faults(),
                    note.words(),
                    note.homework()));
        }
        return notes;
    }
}
