package fluidframe.app.routines;

import fluidframe.app.problems.Faults;
import fluidframe.app.work.Work;
import fluidframe.core.routine.Legend;
import fluidframe.core.step.FootworkSchool;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the codes mean in which a routine is handed out. */
@RestController
@RequestMapping("/api/routines/{id}/legend")
@Tag(name = "routines")
class LegendResource {

    private final RoutineStore store;
    private final RoutineReader reader;
    private final Scores scores;
    private final Work work;

    LegendResource(RoutineStore store, RoutineReader reader, Scores scores, Work work) {
        this.store = store;
        this.reader = reader;
        this.scores = scores;
        this.work = work;
    }

    /** One code and what it means. */
    @Schema(name = "LegendEntry")
    record EntryDocument(String kind, String code, String meaning) {

        static EntryDocument of(Legend.Entry entry) {
            return new EntryDocument(entry.kind().name().toLowerCase(Locale.ROOT), entry.code(), entry.meaning());
        }
    }

    /** The codes of a routine as it is kept, each once; footwork is said in edges or classic. */
    @GetMapping
    List<EntryDocument> legend(@PathVariable String id, @RequestParam(defaultValue = "edges") String footwork) {
        Faults faults = new Faults("");
        Optional<FootworkSchool> school = faults.term("?footwork", footwork, FootworkSchool.LEXICON);
        faults.refuse();
        RoutineDocument document = store.get(id).document();
        return work.about(
                () -> reader.read(document),
                routine -> Legend.of(scores.of(routine), school.orElseThrow()).entries().stream()
                        .map(EntryDocument::of)
                        .toList());
    }
}
