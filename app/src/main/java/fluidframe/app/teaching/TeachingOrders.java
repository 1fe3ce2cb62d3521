package fluidframe.app.teaching;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.figures.FigureLibrary;
import fluidframe.app.figures.StoredFigure;
import fluidframe.app.storage.Edition;
import fluidframe.core.learning.TeachingOrder;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/**
 * The order in which the figures of each dance are taught in this studio, worked out again when one of them changes.
 */
@Component
public class TeachingOrders {

    private final FigureLibrary figures;
    private final StudioDances dances;
    /** At most one for each dance there is. */
    private final Map<String, Known> known = new ConcurrentHashMap<>();

    TeachingOrders(FigureLibrary figures, StudioDances dances) {
        this.figures = figures;
        this.dances = dances;
    }

    private record Known(List<Edition> editions, List<String> first, TeachingOrder order) {}

    /** Of no figures where there is no such dance. */
    public TeachingOrder of(String dance) {
        if (dances.find(dance).isEmpty()) {
            return TeachingOrder.of(List.of(), List.of());
        }
        List<Edition> editions = figures.editionsOfDance(dance);
        List<String> first = dances.teaching(dance);
        Known before = known.get(dance);
        if (before != null
                && before.editions().equals(editions)
                && before.first().equals(first)) {
            return before.order();
        }
        TeachingOrder order = TeachingOrder.of(
                figures.ofDance(dance).stream().map(StoredFigure::figure).toList(), first);
        known.put(dance, new Known(editions, first, order));
        return order;
    }
}
