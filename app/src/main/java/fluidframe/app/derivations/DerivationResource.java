package fluidframe.app.derivations;

import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.work.Work;
import fluidframe.core.couple.Part;
import fluidframe.core.derive.NaturalOpposite;
import fluidframe.core.derive.PartnerPart;
import fluidframe.core.derive.Retiming;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.MirrorImage;
import fluidframe.core.notation.Counts;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Count;
import fluidframe.core.time.CountException;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Charts made from other charts. Nothing is stored; what changes comes with the answer, to be accepted or not. */
@RestController
@RequestMapping("/api/derivations")
@Tag(name = "derivations")
class DerivationResource {

    private final FigureReading figures;
    private final Work work;

    DerivationResource(FigureReading figures, Work work) {
        this.figures = figures;
        this.work = work;
    }

    /** The way a chart is made from another. */
    enum Kind {
        OPPOSITE,
        PARTNER,
        MIRROR,
        RETIME
    }

    /**
     * @param kind opposite, partner, mirror or retime
     * @param from the part whose chart the other one is made from: man or lady; for opposite and partner
     * @param man the man's new count; for retime
     * @param lady the lady's new count; for retime
     */
    @Schema(name = "DerivationQuestion")
    record DerivationQuestion(
            @NotNull(message = "a figure") @Valid FigureDocument figure,

            @NotNull(message = "opposite, partner, mirror or retime")
            String kind,

            String from,
            String man,
            String lady) {}

    @PostMapping
    DerivationDocument derive(@Valid @RequestBody DerivationQuestion question) {
        return work.quickly(() -> derived(question));
    }

    private DerivationDocument derived(DerivationQuestion question) {
        Kind kind = read(Kind.values(), "/kind", question.kind());
        Figure figure = figures.complete(question.figure());
        return switch (kind) {
            case OPPOSITE ->
                DerivationDocument.partner(figure, NaturalOpposite.of(figure.chart(from(question)), figure.dance()));
            case PARTNER -> DerivationDocument.partner(figure, partner(figure, from(question)));
            case MIRROR -> DerivationDocument.whole(figure, MirrorImage.of(figure));
            case RETIME -> retimed(figure, question);
        };
    }

    private static Chart partner(Figure figure, Part from) {
        return PartnerPart.of(figure, from);
    }

    private static Part from(DerivationQuestion question) {
        return read(Part.values(), "/from", question.from());
    }

    private static DerivationDocument retimed(Figure figure, DerivationQuestion question) {
        Count man = count("/man", question.man());
        Count lady = count("/lady", question.lady());
        try {
            return DerivationDocument.whole(
                    figure, Retiming.of(figure, man, lady).figure());
        } catch (CountException e) {
            throw new RefusedException(
                    DerivationsSentences.theseRowsCannotBeLaidOn(e.getMessage()),
                    List.of(Fault.of("/man", question.man(), DerivationsSentences.aCountWithOneMarkFor())));
        }
    }

    private static Count count(String place, String text) {
        try {
            return Counts.read(text == null ? "" : text);
        } catch (UnreadableTextException e) {
            throw new RefusedException(
                    DerivationsSentences.theCountCannotBeRead(), List.of(Fault.of(place, e.text(), e.expected())));
        }
    }

    private static <E extends Enum<E>> E read(E[] values, String place, String text) {
        for (E value : values) {
            if (value.name().toLowerCase(Locale.ROOT).equals(text)) {
                return value;
            }
        }
        String expected = String.join(
                ", ",
                Arrays.stream(values)
                        .map(value -> value.name().toLowerCase(Locale.ROOT))
                        .toList());
        throw new RefusedException(
                DerivationsSentences.thisCannotBeDerived(),
                List.of(Fault.of(place, text == null ? "" : text, DerivationsSentences.oneOf(expected))));
    }
}
