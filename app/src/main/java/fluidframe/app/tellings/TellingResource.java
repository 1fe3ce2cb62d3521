package fluidframe.app.tellings;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureMapper;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.work.Work;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.talk.DescriptionReader;
import fluidframe.core.talk.Telling;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Figures told in running sentences, and told again. Nothing is stored. */
@RestController
@RequestMapping("/api")
@Tag(name = "tellings")
class TellingResource {

    private final StudioDances studioDances;
    private final FigureReading figures;
    private final Work work;

    TellingResource(StudioDances studioDances, FigureReading figures, Work work) {
        this.studioDances = studioDances;
        this.figures = figures;
        this.work = work;
    }

    /**
     * @param figure the figure it becomes, with nothing in its charts, or the one that is corrected
     * @param text what is told
     * @param amends whether it corrects what is there
     * @param part man or lady: whose row was spoken of before; the man's if absent
     * @param row that row, from 0
     */
    @Schema(name = "DescriptionQuestion")
    record DescriptionQuestion(
            @NotNull(message = "a figure") @Valid FigureDocument figure,
            @NotNull(message = "what is told") String text,
            boolean amends,
            String part,
            Integer row) {}

    /**
     * @param part man, lady or both
     * @param length beginner or teacher
     */
    @Schema(name = "TellingQuestion")
    record TellingQuestion(
            @NotNull(message = "a figure") @Valid FigureDocument figure,
            @NotNull(message = "man, lady or both") String part,
            @NotNull(message = "beginner or teacher") String length) {}

    /** A figure as it is read aloud. */
    @Schema(name = "Telling")
    record TellingDocument(String text) {}

    @PostMapping("/descriptions")
    DescriptionDocument describe(@Valid @RequestBody DescriptionQuestion question) {
        return work.quickly(() -> described(question));
    }

    private DescriptionDocument described(DescriptionQuestion question) {
        FigureDraft draft = FigureMapper.draft(question.figure());
        Dance dance = studioDances
                .find(draft.dance())
                .orElseThrow(() -> refused(
                        "/figure/dance",
                        draft.dance(),
                        "a dance: "
                                + String.join(
                                        ", ",
                                        studioDances.all().stream()
                                                .map(Dance::id)
                                                .toList())));
        if (question.text().length() > DescriptionReader.MOST_LETTERS) {
            throw refused(
                    "/text",
                    question.text().length() + " letters",
                    TellingsSentences.atMostLetters(DescriptionReader.MOST_LETTERS));
        }
        for (Part part : Part.values()) {
            if (draft.chart(part).size() > DraftReader.MOST_ROWS) {
                throw refused(
                        "/figure/" + part.key(),
                        draft.chart(part).size() + " rows",
                        TellingsSentences.atMostRows(DraftReader.MOST_ROWS));
            }
        }
        OptionalInt row = question.row() == null ? OptionalInt.empty() : OptionalInt.of(question.row());
        return DescriptionDocument.of(
                question.amends()
                        ? DescriptionReader.amend(question.text(), draft, dance, part(question.part()), row)
                        : DescriptionReader.tell(question.text(), draft, dance));
    }

    private static Part part(String text) {
        return text == null
                ? Part.MAN
                : Part.named(text).orElseThrow(() -> refused("/part", text, TellingsSentences.manOrLady()));
    }

    @PostMapping("/tellings")
    TellingDocument tell(@Valid @RequestBody TellingQuestion question) {
        return work.quickly(() -> {
            Figure figure = figures.complete(question.figure());
            List<Part> parts =
                    question.part().equalsIgnoreCase("both") ? List.of(Part.values()) : List.of(part(question.part()));
            Telling.Length length = Arrays.stream(Telling.Length.values())
                    .filter(each -> each.name().equals(question.length().toUpperCase(Locale.ROOT)))
                    .findFirst()
                    .orElseThrow(() -> refused("/length", question.length(), TellingsSentences.beginnerOrTeacher()));
            return new TellingDocument(Telling.of(figure, parts, length));
        });
    }

    private static RefusedException refused(String place, String found, String expected) {
        return new RefusedException(TellingsSentences.thisCannotBeTold(), List.of(Fault.of(place, found, expected)));
    }
}
