package fluidframe.core.routine;

import fluidframe.core.link.Dancing;
import fluidframe.core.space.Heading;
import fluidframe.core.time.Beats;

/**
 * Where one passage of a routine lies.
 *
 * @param passage what is danced, and which time
 * @param dancing the steps that makes here
 * @param onset beats from the start of the routine
 * @param bar bar it begins in, from 1
 * @param beat beat it begins on, from 1
 * @param side side of the room it is danced on, from 0, one more after every corner
 * @param entry where the man looks before it
 * @param exit where the man looks after it
 */
public record ScoredPlacement(
        Passage passage, Dancing dancing, Beats onset, int bar, int beat, int side, Heading entry, Heading exit) {

    public Placement placement() {
        return passage.placement();
    }

    /** Whether a corner is turned at a point of time, in beats from the start of the routine. */
    public boolean turnsCornerAt(Beats at) {
        return placement().cornerAfter() && at.equals(onset.plus(length()));
    }

    /** Beats. */
    public Beats length() {
        return dancing.length();
    }
}
