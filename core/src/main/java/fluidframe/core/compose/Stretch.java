package fluidframe.core.compose;

import fluidframe.core.time.Beats;

/**
 * A stretch of what is composed that should be sparse or full.
 *
 * @param from where it begins, beats from the beginning of the composition
 * @param to where it has ended
 * @param fullness how many steps its figures should have for their time
 */
public record Stretch(Beats from, Beats to, Fullness fullness) {

    /** @throws IllegalArgumentException if it begins before the composition, or ends no later than it begins */
    public Stretch {
        if (from.compareTo(Beats.ZERO) < 0 || to.compareTo(from) <= 0) {
            throw new IllegalArgumentException(ComposeSentences.aStretchFromBeatToBeat(from, to));
        }
    }
}
