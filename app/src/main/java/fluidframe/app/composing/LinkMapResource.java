package fluidframe.app.composing;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.work.Work;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Repertoire;
import fluidframe.core.text.UnreadableTextException;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.AbstractList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Which figures of a dance lead to which. */
@RestController
@RequestMapping("/api/link-maps")
@Tag(name = "composing")
class LinkMapResource {

    private final StudioDances studioDances;
    private final Repertoires repertoires;
    private final Work work;

    LinkMapResource(StudioDances studioDances, Repertoires repertoires, Work work) {
        this.studioDances = studioDances;
        this.repertoires = repertoires;
        this.work = work;
    }

    /** A figure and what can follow it: ids with holds or bends. */
    @Schema(name = "MappedFigure")
    record MappedFigureDocument(String id, String title, String level, Map<String, String> successors) {}

    /**
     * The map of a dance, its figures made one by one while they are sent: figures, those nothing follows, those that
     * follow nothing, and the wholes that hang together.
     */
    @Schema(name = "LinkMap")
    record LinkMapDocument(
            String dance,
            List<MappedFigureDocument> figures,
            List<String> deadEnds,
            List<String> unreachable,
            List<List<String>> components,
            double holdingPerFigure) {}

    @GetMapping
    LinkMapDocument map(@RequestParam String dance, @RequestParam(defaultValue = "open") String level) {
        Dance known = studioDances
                .find(dance)
                .orElseThrow(() -> new RefusedException(
                        ComposingSentences.thereIsNoSuchDance(),
                        List.of(Fault.of(
                                "?dance",
                                dance,
                                "a dance: "
                                        + String.join(
                                                ", ",
                                                studioDances.all().stream()
                                                        .map(Dance::id)
                                                        .toList())))));
        Conditions conditions = new Conditions(false, level(level));
        return work.patiently(() -> map(known, conditions));
    }

    private LinkMapDocument map(Dance known, Conditions conditions) {
        Repertoire repertoire = repertoires.of(known, conditions);
        LinkMap map = repertoires.map(known, conditions);
        List<Figure> mapped = repertoire.figures().stream()
                .filter(figure -> map.successors().containsKey(figure.id()))
                .toList();
        return new LinkMapDocument(
                known.id(),
                new MappedFigures(mapped, map),
                map.deadEnds(),
                map.unreachable(),
                map.components(),
                map.holdingPerFigure());
    }

    /** Made one by one while they are sent, so that an answer about a thousand figures is nowhere as a whole. */
    private static final class MappedFigures extends AbstractList<MappedFigureDocument> {

        private final List<Figure> figures;
        private final LinkMap map;

        MappedFigures(List<Figure> figures, LinkMap map) {
            this.figures = figures;
            this.map = map;
        }

        @Override
        public MappedFigureDocument get(int index) {
            Figure figure = figures.get(index);
            Map<String, String> successors = new LinkedHashMap<>();
            map.successors()
                    .get(figure.id())
                    .forEach((id, outcome) -> successors.put(id, outcome.name().toLowerCase(Locale.ROOT)));
            return new MappedFigureDocument(
                    figure.id(), figure.title(), figure.level().shorthand(), successors);
        }

        @Override
        public int size() {
            return figures.size();
        }
    }

    private static Level level(String text) {
        try {
            return Level.LEXICON.read(text);
        } catch (UnreadableTextException e) {
            throw new RefusedException(
                    ComposingSentences.theLevelCannotBeRead(), List.of(Fault.of("?level", e.text(), e.expected())));
        }
    }
}
