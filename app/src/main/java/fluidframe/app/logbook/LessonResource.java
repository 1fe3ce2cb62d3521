package fluidframe.app.logbook;

import fluidframe.app.calendar.CalendarFile;
import fluidframe.app.people.CoupleStore;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.storage.PlainResource;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Lessons over HTTP. */
@RestController
@RequestMapping("/api/lessons")
@Tag(name = "logbook")
class LessonResource extends PlainResource<LessonDocument> {

    private static final int LONGEST_SPAN = 400;
    private static final int WEEKS_PAST = 8;

    private final LessonStore store;
    private final NoteStore notes;
    private final CoupleStore couples;
    private final Clock clock;

    LessonResource(LessonStore store, NoteStore notes, CoupleStore couples, Clock clock) {
        super(store);
        this.store = store;
        this.notes = notes;
        this.couples = couples;
        this.clock = clock;
    }

    /** The lessons of some days, both included: of a couple, or of all. */
    @GetMapping
    List<LessonDocument> list(
            @RequestParam String from, @RequestParam String to, @RequestParam(required = false) String couple) {
        LocalDate first = date("/from", from);
        LocalDate last = date("/to", to);
        if (last.isBefore(first) || last.isAfter(first.plusDays(LONGEST_SPAN))) {
            throw RefusedException.of("/to", to, LogbookSentences.aDayUpToDaysAfter(LONGEST_SPAN, from));
        }
        return store.between(first, last).stream()
                .filter(lesson -> couple == null || lesson.couple().equals(couple))
                .toList();
    }

    /** The lessons of some weeks past and of a year to come, for a calendar: of a couple, or of all. */
    @GetMapping(path = "/calendar.ics", produces = CalendarFile.TYPE)
    ResponseEntity<String> calendar(@RequestParam(required = false) String couple) {
        LocalDate today = LocalDate.now(clock);
        return LessonCalendar.of(
                        store.storedBetween(today.minusWeeks(WEEKS_PAST), today.plusYears(1)).stream()
                                .filter(lesson -> couple == null
                                        || lesson.document().couple().equals(couple))
                                .toList(),
                        couples.titles())
                .answer(couple == null ? "lessons" : couple);
    }

    /** Stores a lesson and those that repeat it on the same day of later weeks; all of them or none. */
    @PostMapping("/series")
    @ResponseStatus(HttpStatus.CREATED)
    List<LessonDocument> repeat(@Valid @RequestBody LessonSeriesDocument series) {
        return store.createAll(series.lessons());
    }

    static LocalDate date(String place, String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeException e) {
            throw RefusedException.of(place, text, LogbookSentences.aDateSuchAs202612());
        }
    }

    /** What was noted in a lesson, in the order in which it was noted. */
    @GetMapping("/{id}/notes")
    List<NoteDocument> notes(@PathVariable String id) {
        return notes.in(store.number(store.get(id).document().id()));
    }
}
