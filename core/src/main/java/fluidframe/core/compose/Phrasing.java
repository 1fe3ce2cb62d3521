package fluidframe.core.compose;

import fluidframe.core.time.Beats;
import java.util.Set;

/**
 * What the music asks of a composition. All points of time are beats from its beginning.
 *
 * @param phrase     how long a phrase lasts
 * @param boundaries where one figure must end and another begin, such as the start of a section
 * @param hits       where the music strikes
 */
public record Phrasing(Beats phrase, Set<Beats> boundaries, Set<Beats> hits) {

    /**
     * @throws IllegalArgumentException if a phrase has no length
     */
    public Phrasing {
        if (!phrase.isPositive()) {
            throw new IllegalArgumentException("a phrase must have a length");
        }
        boundaries = Set.copyOf(boundaries);
        hits = Set.copyOf(hits);
    }

    public static Phrasing of(Beats phrase) {
        return new Phrasing(phrase, Set.of(), Set.of());
    }
}
