package fluidframe.app.routines;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.storage.StoredVersion;
import fluidframe.app.work.Work;
import fluidframe.core.link.Outcome;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineDifference;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The versions of routines, and two routines side by side. */
@RestController
@RequestMapping("/api")
@Tag(name = "routines")
class VersionResource {

    private final RoutineStore store;
    private final JsonMapper json;
    private final RoutineReader reader;
    private final Work work;

    VersionResource(RoutineStore store, JsonMapper json, RoutineReader reader, Work work) {
        this.store = store;
        this.json = json;
        this.reader = reader;
        this.work = work;
    }

    /**
     * A kept version: its number, when and by whom it was kept (absent where that was not recorded), and the routine as
     * it was.
     */
    @Schema(name = "Version")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record VersionDocument(int number, String kept, String author, RoutineDocument routine) {}

    /** Two routines to compare. */
    @Schema(name = "DifferenceQuestion")
    record DifferenceQuestion(
            @NotNull(message = "a routine") @Valid RoutineDocument before,
            @NotNull(message = "a routine") @Valid RoutineDocument after) {}

    /** What stands side by side: the figure in each, empty where it is in one only, and whether it is danced alike. */
    @Schema(name = "DifferenceLine")
    record LineDocument(String before, String after, boolean same) {}

    /** How long a version is and how many of its seams break. */
    @Schema(name = "VersionSummary")
    record SummaryDocument(String bars, int figures, int broken) {}

    /** Two routines side by side. */
    @Schema(name = "Difference")
    record DifferenceDocument(SummaryDocument before, SummaryDocument after, List<LineDocument> lines) {}

    /** The kept versions of a routine, the latest first, a hundred at a time: those before a number, or the latest. */
    @GetMapping("/routines/{id}/versions")
    List<VersionDocument> versions(@PathVariable String id, @RequestParam(required = false) Integer before) {
        return store.versions(id, Optional.ofNullable(before)).stream()
                .map(this::document)
                .toList();
    }

    private VersionDocument document(StoredVersion version) {
        return new VersionDocument(
                version.number(),
                version.kept().toString(),
                version.author().orElse(null),
                json.readValue(version.document(), RoutineDocument.class));
    }

    @PostMapping("/differences")
    DifferenceDocument compare(@Valid @RequestBody DifferenceQuestion question) {
        return work.quickly(() -> difference(question));
    }

    private DifferenceDocument difference(DifferenceQuestion question) {
        Routine before = reader.read(question.before());
        Routine after = reader.read(question.after());
        List<LineDocument> lines = RoutineDifference.between(before, after).lines().stream()
                .map(line -> new LineDocument(name(before, line.before()), name(after, line.after()), line.same()))
                .toList();
        return new DifferenceDocument(summary(before), summary(after), lines);
    }

    private static String name(Routine routine, Optional<Integer> index) {
        return index.map(routine.placements()::get).map(VersionResource::name).orElse("");
    }

    private static String name(Placement placement) {
        return placement.item().wording() + (placement.cornerAfter() ? ", corner" : "");
    }

    private static SummaryDocument summary(Routine routine) {
        Course course = Course.of(routine);
        return new SummaryDocument(
                routine.bars().toString(), routine.placements().size(), course.count(Outcome.BREAKS));
    }
}
