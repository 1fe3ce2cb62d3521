package fluidframe.core.figure;

import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;

/**
 * What a number of repeats leads to.
 *
 * @param times how often the unit is danced in all
 * @param length beats of the whole figure
 * @param manFree the man's free foot at the end
 * @param ladyFree the lady's free foot at the end
 * @param facing where the man looks at the end
 * @param fits whether the row after the unit finds its foot free
 * @param mend what mends it; empty where it fits
 */
public record RepeatOutcome(
        int times, Beats length, Foot manFree, Foot ladyFree, Heading facing, boolean fits, String mend) {}
