package fluidframe.app.drawings;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.storage.Edition;
import fluidframe.core.drawing.FigurePath;
import fluidframe.core.figure.Figure;
import fluidframe.core.space.Point;
import fluidframe.core.time.CountException;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** The ways through the figures of a dance, remembered as long as none of them changes. */
@Component
class FigurePaths {

    private static final Logger LOG = LoggerFactory.getLogger(FigurePaths.class);
    private static final int MOST_REMEMBERED = 20_000;
    private static final double CENTIMETRES = 100;

    private final FigureStore store;
    private final Cache<List<Edition>, List<FigurePathDocument>> known = Caffeine.newBuilder()
            .maximumWeight(MOST_REMEMBERED)
            .weigher((List<Edition> figures, List<FigurePathDocument> paths) -> 1 + paths.size())
            .build();

    FigurePaths(FigureStore store) {
        this.store = store;
    }

    /**
     * The way of both bodies through a figure.
     *
     * @param man metres to the right and up by turns: before the figure and after each of his rows
     * @param lady the same for hers
     */
    @Schema(name = "FigurePath")
    record FigurePathDocument(String id, List<Double> man, List<Double> lady) {}

    /** Those that can be drawn. */
    List<FigurePathDocument> ofDance(String dance) {
        List<Edition> editions = store.editionsOfDance(dance);
        List<FigurePathDocument> remembered = known.getIfPresent(editions);
        if (remembered == null) {
            remembered = store.ofDance(dance).stream()
                    .flatMap(figure -> path(figure).stream())
                    .toList();
            known.put(editions, remembered);
        }
        return remembered;
    }

    private static Optional<FigurePathDocument> path(Figure figure) {
        try {
            FigurePath path = FigurePath.of(figure);
            return Optional.of(new FigurePathDocument(figure.id(), flat(path.man()), flat(path.lady())));
        } catch (CountException e) {
            LOG.info("No way is drawn through {}: {}", figure.id(), e.getMessage());
            return Optional.empty();
        }
    }

    private static List<Double> flat(List<Point> points) {
        List<Double> flat = new ArrayList<>();
        points.forEach(point -> {
            flat.add(Math.round(point.x() * CENTIMETRES) / CENTIMETRES);
            flat.add(Math.round(point.y() * CENTIMETRES) / CENTIMETRES);
        });
        return flat;
    }
}
