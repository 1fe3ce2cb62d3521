package fluidframe.core.compose;

import fluidframe.core.figure.Figure;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.ExitState;
import fluidframe.core.music.MusicMap;
import fluidframe.core.time.Beats;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is to be composed.
 *
 * @param from how the couple come in, and after which figure; empty to begin where any figure may
 * @param to what follows it, as it is danced then; empty for any end
 * @param least the shortest it may be, beats
 * @param most the longest
 * @param choice figures that must, must not or should come
 * @param mostTimes how often a figure may begin within a window
 * @param window the window, beats
 * @param bends whether links may bend
 * @param corners how many corners are turned
 * @param music the music from the beginning of the composition: phrases, sections that one figure must end and another
 *     begin with, hits
 * @param sides how far the couple may travel along each side of the room before its corner, metres, at least one more
 *     than corners; empty if the room does not matter
 * @param weights how much the soft wishes count
 * @param answers how many answers that really differ
 * @param taste what a coach asks of any composition
 * @param stretches where it should be sparse or full
 */
@RecordBuilder
public record Wish(
        Optional<Beginning> from,
        Optional<Dancing> to,
        Beats least,
        Beats most,
        Choice choice,
        int mostTimes,
        Beats window,
        boolean bends,
        int corners,
        MusicMap music,
        List<Double> sides,
        Weights weights,
        int answers,
        Taste taste,
        List<Stretch> stretches)
        implements WishBuilder.With {

    public static final int MOST_CORNERS = 8;

    /** How the couple come in, and after which figure; empty after an element. */
    public record Beginning(Optional<Figure> last, ExitState exit) {}

    /** @throws IllegalArgumentException naming what cannot be */
    public Wish {
        sides = List.copyOf(sides);
        stretches = List.copyOf(stretches);
        if (!least.isPositive() || least.compareTo(most) > 0) {
            throw new IllegalArgumentException(ComposeSentences.theShortestLengthMustBeMore());
        }
        if (mostTimes < 1 || corners < 0 || corners > MOST_CORNERS || answers < 1) {
            throw new IllegalArgumentException(ComposeSentences.aFigureMayBeginAtLeast(MOST_CORNERS));
        }
        if (!sides.isEmpty() && sides.size() <= corners) {
            throw new IllegalArgumentException(
                    ComposeSentences.withCornersSidesAreDancedNot(corners, (corners + 1), sides.size()));
        }
    }

    /** A wish for so many beats, with nothing else asked. */
    public static Wish of(Beats least, Beats most, MusicMap music) {
        return new Wish(
                Optional.empty(),
                Optional.empty(),
                least,
                most,
                Choice.FREE,
                1,
                music.bar().times(4),
                false,
                0,
                music,
                List.of(),
                Weights.USUAL,
                5,
                Taste.FREE,
                List.of());
    }

    public Set<String> required() {
        return choice.required();
    }

    public Set<String> forbidden() {
        return choice.forbidden();
    }

    public Wish withLength(Beats shortest, Beats longest) {
        return with().least(shortest).most(longest).build();
    }

    public Wish withRequired(Set<String> others) {
        return withChoice(choice.withRequired(others));
    }

    public Wish withForbidden(Set<String> others) {
        return withChoice(choice.withForbidden(others));
    }

    /** How many corners can be turned of which it is known how long the side behind them is. */
    public int mostCorners() {
        return sides.isEmpty() ? MOST_CORNERS : Math.min(MOST_CORNERS, sides.size() - 1);
    }
}
