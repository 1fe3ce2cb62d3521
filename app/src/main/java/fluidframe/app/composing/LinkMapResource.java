package fluidframe.app.composing;

import fluidframe.app.figures.FigureShelf;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.work.Work;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Repertoire;
import fluidframe.core.link.Terms;
import fluidframe.core.text.UnreadableTextException;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Which figures of a dance lead to which. */
@RestController
@RequestMapping("/api/link-maps")
@Tag(name = "composing")
class LinkMapResource {

    private final FigureShelf shelf;
    private final Work work;

    LinkMapResource(FigureShelf shelf, Work work) {
        this.shelf = shelf;
        this.work = work;
    }

    /** A figure and what can follow it: ids with holds or bends. */
    @Schema(name = "MappedFigure")
    record MappedFigureDocument(String id, String title, String level, Map<String, String> successors) {
    }

    /** The map of a dance: figures, those nothing follows, those that follow nothing, and the wholes that hang together. */
    @Schema(name = "LinkMap")
    record LinkMapDocument(String dance, List<MappedFigureDocument> figures, List<String> deadEnds, List<String> unreachable, List<List<String>> components,
                           double holdingPerFigure) {
    }

    @GetMapping
    LinkMapDocument map(@RequestParam String dance, @RequestParam(defaultValue = "open") String level) {
        Dance known = Dances.find(dance).orElseThrow(() -> new RefusedException("There is no such dance.",
                List.of(Fault.of("?dance", dance, "a dance: " + String.join(", ", Dances.all().stream().map(Dance::id).toList())))));
        Terms terms = new Terms(false, level(level));
        return work.patiently(() -> map(known, terms));
    }

    private LinkMapDocument map(Dance known, Terms terms) {
        List<Figure> figures = shelf.ofDance(known.id());
        LinkMap map = LinkMap.of(Repertoire.of(figures, terms));
        List<MappedFigureDocument> mapped = figures.stream().filter(figure -> map.successors().containsKey(figure.id())).map(figure ->
                new MappedFigureDocument(figure.id(), figure.title(), figure.level().shorthand(), map.successors().get(figure.id()).entrySet().stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, entry -> entry.getValue().name().toLowerCase(Locale.ROOT))))).toList();
        return new LinkMapDocument(known.id(), mapped, map.deadEnds(), map.unreachable(), map.components(), map.holdingPerFigure());
    }

    private static Level level(String text) {
        try {
            return Level.LEXICON.read(text);
        } catch (UnreadableTextException e) {
            throw new RefusedException("The level cannot be read.", List.of(Fault.of("?level", e.text(), e.expected())));
        }
    }
}
