package fluidframe.app.links;

import fluidframe.app.figures.FigureStore;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.EntryState;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Link;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Verdicts on links between stored figures. */
@RestController
@RequestMapping("/api/links")
@Tag(name = "links")
class LinkResource {

    private final FigureStore store;

    LinkResource(FigureStore store) {
        this.store = store;
    }

    /** A question: may {@code to} follow {@code from}, with or without a corner between them? */
    @Schema(name = "LinkQuestion")
    record LinkQuestion(
            @NotNull(message = "the id of the figure before")
            String from,

            @NotNull(message = "the id of the figure after") String to,
            boolean corner) {}

    @PostMapping
    VerdictDocument judge(@Valid @RequestBody LinkQuestion question) {
        Figure from = store.get(question.from()).figure();
        Figure to = store.get(question.to()).figure();
        if (!from.dance().id().equals(to.dance().id())) {
            throw new RefusedException(
                    LinksSentences.twoFiguresOfDifferentDancesCannot(),
                    List.of(Fault.of(
                            "/to",
                            to.dance().id(),
                            LinksSentences.aFigureOf(from.dance().id()))));
        }
        return VerdictDocument.of(Link.between(exit(from, question.corner()), EntryState.of(to)));
    }

    private static ExitState exit(Figure figure, boolean corner) {
        ExitState exit = ExitState.of(figure);
        return corner ? exit.afterCorner() : exit;
    }
}
