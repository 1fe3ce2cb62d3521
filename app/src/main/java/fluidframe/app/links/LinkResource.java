package fluidframe.app.links;

import fluidframe.app.figures.FigureShelf;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.EntryState;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Link;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Verdict;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.text.UnreadableTextException;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

import java.util.Comparator;
import java.util.List;

/** Verdicts on links between stored figures. */
@RestController
@RequestMapping("/api/links")
@Tag(name = "links")
class LinkResource {

    private final FigureShelf shelf;

    LinkResource(FigureShelf shelf) {
        this.shelf = shelf;
    }

    /** A question: may {@code to} follow {@code from}, with or without a corner between them? */
    @Schema(name = "LinkQuestion")
    record LinkQuestion(@NotNull(message = "the id of the figure before") String from,
                        @NotNull(message = "the id of the figure after") String to, boolean corner) {
    }

    /** What may come next: a figure and the verdict on it. */
    @Schema(name = "Successor")
    record Successor(String id, String title, String level, String bars, VerdictDocument verdict) {
    }

    @PostMapping
    VerdictDocument judge(@Valid @RequestBody LinkQuestion question) {
        Figure from = shelf.get(question.from()).figure();
        Figure to = shelf.get(question.to()).figure();
        if (!from.dance().equals(to.dance())) {
            throw new RefusedException("Two figures of different dances cannot be linked.",
                    List.of(Fault.of("/to", to.dance().id(), "a figure of " + from.dance().id())));
        }
        return VerdictDocument.of(Link.between(exit(from, from.startHeading(), question.corner()), EntryState.of(to)));
    }

    /** Every figure of the dance as what may come next, the best first. */
    @GetMapping
    List<Successor> next(@RequestParam String from, @RequestParam(required = false) String entry,
                         @RequestParam(defaultValue = "false") boolean corner) {
        Figure figure = shelf.get(from).figure();
        ExitState exit = exit(figure, entry == null ? figure.startHeading() : heading(entry), corner);
        record Judged(Figure figure, Verdict verdict) {
        }
        return shelf.ofDance(figure.dance().id()).stream()
                .map(next -> new Judged(next, Link.between(exit, EntryState.of(next))))
                .sorted(Comparator.<Judged, Outcome>comparing(judged -> judged.verdict().outcome())
                        .thenComparing(judged -> !figure.neighbours().precedes().contains(judged.figure().id())))
                .map(judged -> new Successor(judged.figure().id(), judged.figure().title(), judged.figure().level().shorthand(),
                        judged.figure().length().toString(), VerdictDocument.of(judged.verdict())))
                .toList();
    }

    private static ExitState exit(Figure figure, Heading entry, boolean corner) {
        Turn turnedBy = figure.startHeading().turnTo(entry);
        ExitState exit = ExitState.of(figure).turned(turnedBy);
        return corner ? exit.afterCorner() : exit;
    }

    private static Heading heading(String entry) {
        try {
            return Heading.parse(entry);
        } catch (UnreadableTextException e) {
            throw new RefusedException("The heading cannot be read.", List.of(Fault.of("?entry", e.text(), e.expected())));
        }
    }
}
