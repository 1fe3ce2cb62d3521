package fluidframe.app.completions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.storage.Edition;
import fluidframe.core.dance.Dance;
import fluidframe.core.notation.Habits;
import java.util.List;
import org.springframework.stereotype.Component;

/** What usually stands in the cells of a dance, remembered as long as none of its figures changes. */
@Component
class UsualCells {

    private static final int MOST_REMEMBERED = 32;

    private final FigureStore figures;
    private final Cache<List<Edition>, Habits> known =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    UsualCells(FigureStore figures) {
        this.figures = figures;
    }

    Habits in(Dance dance) {
        return known.get(figures.editionsOfDance(dance.id()), editions -> Habits.of(figures.ofDance(dance.id())));
    }
}
