package fluidframe.core.routine;

import fluidframe.core.link.Verdict;

/**
 * Where one placement meets the next.
 *
 * @param after index of the placement before it
 * @param corner whether a corner is turned here
 * @param verdict whether it can be danced
 */
public record Seam(int after, boolean corner, Verdict verdict) {}
