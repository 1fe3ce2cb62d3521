package fluidframe.app.logbook;

import fluidframe.app.problems.RefusedException;
import fluidframe.app.storage.PlainResource;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lessons over HTTP. */
@RestController
@RequestMapping("/api/lessons")
@Tag(name = "logbook")
class LessonResource extends PlainResource<LessonDocument> {

    private static final int LONGEST_SPAN = 400;

    private final LessonStore store;
    private final NoteStore notes;

    LessonResource(LessonStore store, NoteStore notes) {
        super(store);
        this.store = store;
        this.notes = notes;
    }

    /** The lessons of some days, both included. */
    @GetMapping
    List<LessonDocument> list(@RequestParam String from, @RequestParam String to) {
        LocalDate first = date("/from", from);
        LocalDate last = date("/to", to);
        if (last.isBefore(first) || last.isAfter(first.plusDays(LONGEST_SPAN))) {
            throw RefusedException.of("/to", to, LogbookSentences.aDayUpToDaysAfter(LONGEST_SPAN, from));
        }
        return store.between(first, last);
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
