package fluidframe.app.logbook;

import fluidframe.app.people.CoupleDocument;
import fluidframe.app.people.CoupleStore;
import fluidframe.app.people.PersonDocument;
import fluidframe.app.people.PersonStore;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everything that is kept about somebody, as one file. */
@RestController
@RequestMapping("/api/people")
@Tag(name = "people")
class RecordResource {

    private final PersonStore people;
    private final CoupleStore couples;
    private final LessonStore lessons;
    private final NoteStore notes;

    RecordResource(PersonStore people, CoupleStore couples, LessonStore lessons, NoteStore notes) {
        this.people = people;
        this.couples = couples;
        this.lessons = lessons;
        this.notes = notes;
    }

    /** Somebody, those they are taught with, their lessons and what was noted. */
    @Schema(name = "PersonRecord")
    record RecordDocument(
            String format,
            int version,
            PersonDocument person,
            List<CoupleDocument> couples,
            List<LessonDocument> lessons,
            List<NoteDocument> notes) {}

    @GetMapping("/{id}/record")
    ResponseEntity<RecordDocument> record(@PathVariable String id) {
        PersonDocument person = people.get(id).document();
        List<CoupleDocument> with = couples.with(people.number(id));
        List<Long> numbers =
                with.stream().map(couple -> couples.number(couple.id())).toList();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + id + ".json\"")
                .body(new RecordDocument(
                        "fluidframe-record",
                        1,
                        person,
                        with,
                        numbers.stream()
                                .flatMap(number -> lessons.of(number).stream())
                                .toList(),
                        numbers.stream()
                                .flatMap(number -> notes.of(number).stream())
                                .filter(note ->
                                        note.person() == null || note.person().equals(id))
                                .toList()));
    }
}
