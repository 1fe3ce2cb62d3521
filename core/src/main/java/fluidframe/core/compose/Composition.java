package fluidframe.core.compose;

import fluidframe.core.link.Dancing;
import fluidframe.core.link.Outcome;
import fluidframe.core.space.Heading;
import fluidframe.core.time.Beats;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * One answer: figures in order, and why it scores what it does.
 *
 * @param steps what is danced
 * @param length beats
 * @param points the score
 * @param reasons the score by reason; its values add up to the points
 */
public record Composition(List<Piece> steps, Beats length, int points, Map<Reason, Integer> reasons) {

    /**
     * One figure in its place.
     *
     * @param dancing the figure and how it is danced
     * @param facing the heading the man begins on
     * @param outcome how well it meets what is danced before it
     * @param onset beats from the beginning
     * @param cornerAfter whether a corner is turned after it
     */
    public record Piece(Dancing dancing, Heading facing, Outcome outcome, Beats onset, boolean cornerAfter) {}

    /** What points are given or taken for. */
    public enum Reason {
        BENDS,
        PHRASE_STARTS,
        RECOMMENDED_LINKS,
        FAVOURITES,
        REPETITION,
        NOT_AS_CHARTED,
        HIGHLIGHTS_ON_HITS,
        DIFFICULTY,
        CONTRAST,
        GROUND_COVERED,
        SPARSE_AND_FULL
    }

    public Composition {
        steps = List.copyOf(steps);
        reasons = Collections.unmodifiableMap(new EnumMap<>(reasons));
    }

    /** Of two answers that really differ at most so much is the same, in hundredths. */
    static final int MOST_ALIKE = 60;

    /** How many beats of another answer are danced here too, the same figure at the same time. */
    Beats sharedWith(Composition other) {
        return steps.stream()
                .filter(piece -> other.steps.stream()
                        .anyMatch(each -> each.onset().equals(piece.onset())
                                && each.dancing()
                                        .figure()
                                        .id()
                                        .equals(piece.dancing().figure().id())))
                .map(piece -> piece.dancing().length())
                .reduce(Beats.ZERO, Beats::plus);
    }

    /** Whether at least two beats in five are another figure. */
    boolean reallyDiffersFrom(Composition other) {
        return sharedWith(other).ticks() * 100L <= (long) length.ticks() * MOST_ALIKE;
    }
}
