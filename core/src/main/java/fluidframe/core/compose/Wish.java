package fluidframe.core.compose;

import fluidframe.core.figure.Figure;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.ExitState;
import fluidframe.core.time.Beats;
import java.util.Optional;
import java.util.Set;

/**
 * What is to be composed.
 *
 * @param from       how the couple come in, and after which figure; empty to begin where any figure may
 * @param to         what follows it, as it is danced then; empty for any end
 * @param least      the shortest it may be, beats
 * @param most       the longest
 * @param required   figures that must be danced, by id, at most {@value #MOST_REQUIRED}
 * @param forbidden  figures that must not
 * @param mostTimes  how often a figure may begin within a window
 * @param window     the window, beats
 * @param bends      whether links may bend
 * @param corners    how many corners are turned
 * @param phrase     length of a phrase, beats, counted from the beginning
 * @param favourites figures the coach likes
 * @param weights    how much the soft wishes count
 * @param answers    how many answers that really differ
 */
public record Wish(Optional<Beginning> from, Optional<Dancing> to, Beats least, Beats most, Set<String> required, Set<String> forbidden,
                   int mostTimes, Beats window, boolean bends, int corners, Beats phrase, Set<String> favourites, Weights weights, int answers) {

    public static final int MOST_REQUIRED = 8;
    public static final int MOST_CORNERS = 8;

    /** How the couple come in, and after which figure; empty after an element. */
    public record Beginning(Optional<Figure> last, ExitState exit) {
    }

    /**
     * @throws IllegalArgumentException naming what cannot be
     */
    public Wish {
        required = Set.copyOf(required);
        forbidden = Set.copyOf(forbidden);
        favourites = Set.copyOf(favourites);
        if (required.size() > MOST_REQUIRED) {
            throw new IllegalArgumentException("at most " + MOST_REQUIRED + " figures can be required, not " + required.size());
        }
        if (required.stream().anyMatch(forbidden::contains)) {
            throw new IllegalArgumentException("a figure cannot be both required and forbidden");
        }
        if (!least.isPositive() || least.compareTo(most) > 0) {
            throw new IllegalArgumentException("the shortest length must be more than nothing and no more than the longest");
        }
        if (mostTimes < 1 || corners < 0 || corners > MOST_CORNERS || answers < 1 || !phrase.isPositive()) {
            throw new IllegalArgumentException("a figure may begin at least once, corners are 0 to " + MOST_CORNERS + ", and at least one answer is wanted");
        }
    }

    public Wish withLength(Beats shortest, Beats longest) {
        return new Wish(from, to, shortest, longest, required, forbidden, mostTimes, window, bends, corners, phrase, favourites, weights, answers);
    }

    public Wish withRequired(Set<String> others) {
        return new Wish(from, to, least, most, others, forbidden, mostTimes, window, bends, corners, phrase, favourites, weights, answers);
    }

    public Wish withBends(boolean allowed) {
        return new Wish(from, to, least, most, required, forbidden, mostTimes, window, allowed, corners, phrase, favourites, weights, answers);
    }

    public Wish withMostTimes(int times) {
        return new Wish(from, to, least, most, required, forbidden, times, window, bends, corners, phrase, favourites, weights, answers);
    }

    public Wish withCorners(int turned) {
        return new Wish(from, to, least, most, required, forbidden, mostTimes, window, bends, turned, phrase, favourites, weights, answers);
    }

    public Wish withAnswers(int wanted) {
        return new Wish(from, to, least, most, required, forbidden, mostTimes, window, bends, corners, phrase, favourites, weights, wanted);
    }

    /** A wish for so many beats, with nothing else asked. */
    public static Wish of(Beats least, Beats most, Beats bar) {
        return new Wish(Optional.empty(), Optional.empty(), least, most, Set.of(), Set.of(), 1, bar.times(4), false, 0, bar.times(8), Set.of(), Weights.USUAL, 5);
    }
}
