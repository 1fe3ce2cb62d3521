package fluidframe.app.events;

import fluidframe.app.calendar.CalendarFile;
import fluidframe.app.events.DayDocuments.CallDocument;
import fluidframe.app.events.DayDocuments.DayDocument;
import fluidframe.app.events.DayDocuments.DayQuestion;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.Revision;
import fluidframe.app.storage.PlainResource;
import fluidframe.app.storage.StoredPlainDocument;
import fluidframe.app.work.SearchTime;
import fluidframe.app.work.Work;
import fluidframe.core.day.Conflict;
import fluidframe.core.day.Conflicts;
import fluidframe.core.day.DayAnswer;
import fluidframe.core.day.DayPlan;
import fluidframe.core.day.DayPlanner;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Events over HTTP, and their days. */
@RestController
@RequestMapping("/api/events")
@Tag(name = "events")
class EventResource extends PlainResource<EventDocument> {

    private static final Duration LONGEST = Duration.ofSeconds(4);
    private static final int MINUTE = 60;

    private final EventStore store;
    private final RunningList runningList;
    private final Work work;
    private final SearchTime searchTime;

    EventResource(EventStore store, RunningList runningList, Work work, SearchTime searchTime) {
        super(store);
        this.store = store;
        this.runningList = runningList;
        this.work = work;
        this.searchTime = searchTime;
    }

    /** One line of the list. */
    @Schema(name = "EventSummary")
    record SummaryDocument(
            String id,
            long revision,
            String title,
            String date,
            String place,
            String profile,
            int couples,
            int rounds) {

        static SummaryDocument of(StoredPlainDocument<EventDocument> stored) {
            EventDocument event = stored.document();
            return new SummaryDocument(
                    event.id(),
                    stored.revision().number(),
                    event.title(),
                    event.date(),
                    event.place() == null ? "" : event.place(),
                    event.profile(),
                    event.couples().size(),
                    event.rounds().size());
        }
    }

    @GetMapping
    List<SummaryDocument> list() {
        return store.all().stream().map(SummaryDocument::of).toList();
    }

    /** The day of an event that is being worked on: planned, or as it is planned already. Nothing is stored. */
    @PostMapping("/days")
    DayDocument day(@Valid @RequestBody DayQuestion question) {
        return work.patiently(() -> {
            Event event = store.read(question.event());
            return question.solve()
                    ? planned(event, Optional.ofNullable(question.now()).map(EventResource::minutes))
                    : lookedAt(event);
        });
    }

    /** The day of an event as it is kept, based on the revision that is named with it. */
    @GetMapping("/{id}/day")
    ResponseEntity<DayDocument> dayAsKept(@PathVariable String id) {
        StoredPlainDocument<EventDocument> stored = store.get(id);
        DayDocument day = lookedAt(store.read(stored.document()));
        return ResponseEntity.ok()
                .header(Revision.BASED_ON, stored.revision().tag())
                .body(day);
    }

    private DayDocument planned(Event event, Optional<Integer> now) {
        BooleanSupplier stops = searchTime.startingNow(LONGEST);
        DayAnswer answer = event.plan().isPresent() && now.isPresent()
                ? DayPlanner.again(event.wish(), event.names(), event.plan().get(), now.get(), stops)
                : DayPlanner.plan(event.wish(), event.names(), stops);
        List<Conflict> conflicts =
                answer.plan().map(plan -> Conflicts.of(plan, event.names())).orElse(List.of());
        return DayDocuments.of(
                answer.plan(), answer.exact(), conflicts, answer.relaxations(), calls(event, answer.plan()));
    }

    private DayDocument lookedAt(Event event) {
        return DayDocuments.of(
                event.plan(),
                false,
                event.plan().map(plan -> Conflicts.of(plan, event.names())).orElse(List.of()),
                List.of(),
                calls(event, event.plan()));
    }

    private List<CallDocument> calls(Event event, Optional<DayPlan> plan) {
        return plan.map(each -> runningList.calls(event, each)).orElse(List.of());
    }

    private static int minutes(String time) {
        try {
            return LocalTime.parse(time).toSecondOfDay() / MINUTE;
        } catch (DateTimeException e) {
            throw RefusedException.of("/now", time, EventsSentences.aTimeSuchAs0930());
        }
    }

    /** The day as it is planned, for a calendar. */
    @GetMapping(path = "/{id}/calendar.ics", produces = CalendarFile.TYPE)
    ResponseEntity<String> calendar(@PathVariable String id) {
        StoredPlainDocument<EventDocument> stored = store.get(id);
        Event event = store.read(stored.document());
        if (event.plan().isEmpty()) {
            throw RefusedException.of("/plan", "", EventsSentences.aSchedulePlanItAndSave());
        }
        return EventCalendar.of(event, stored.revision()).answer(id);
    }
}
