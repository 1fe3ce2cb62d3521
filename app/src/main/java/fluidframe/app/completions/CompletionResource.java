package fluidframe.app.completions;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.dance.Dance;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Completions;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a cell could become while it is being typed. */
@RestController
@RequestMapping("/api/completions")
@Tag(name = "completions")
class CompletionResource {

    private static final int LONGEST_CELL = 200;

    /** A cell that can be read: its shorthand and what it says in full. */
    @Schema(name = "Completion")
    record CompletionDocument(String text, String wording) {}

    private final StudioDances studioDances;
    private final UsualCells usual;

    CompletionResource(StudioDances studioDances, UsualCells usual) {
        this.studioDances = studioDances;
        this.usual = usual;
    }

    /**
     * @param text what is typed so far
     * @param footPosition where the foot goes on that step
     * @param before what stands in the row above
     */
    @GetMapping
    List<CompletionDocument> complete(
            @RequestParam String dance,
            @RequestParam String column,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "") String footPosition,
            @RequestParam(defaultValue = "") String before) {
        Dance known = studioDances
                .find(dance)
                .orElseThrow(() -> refused(
                        "?dance",
                        dance,
                        studioDances.all().stream().map(Dance::id).toList()));
        Column cell = Column.find(column)
                .orElseThrow(() -> refused(
                        "?column",
                        column,
                        Arrays.stream(Column.values()).map(Column::key).toList()));
        if (text.length() > LONGEST_CELL) {
            throw new RefusedException(
                    CompletionsSentences.theCellIsTooLong(),
                    List.of(Fault.of(
                            "?text", text.length() + " letters", CompletionsSentences.atMostLetters(LONGEST_CELL))));
        }
        return Completions.of(cell, text, known, new Completions.Context(footPosition, before, usual.in(known)))
                .stream()
                .map(completion -> new CompletionDocument(completion.text(), completion.wording()))
                .toList();
    }

    private static RefusedException refused(String place, String found, List<String> known) {
        return new RefusedException(
                CompletionsSentences.thereIsNothingToComplete(),
                List.of(Fault.of(place, found, CompletionsSentences.oneOf(String.join(", ", known)))));
    }
}
