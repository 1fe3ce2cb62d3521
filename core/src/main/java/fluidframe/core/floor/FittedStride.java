package fluidframe.core.floor;

import fluidframe.core.couple.Part;

/**
 * What the fit made of one travelling row.
 *
 * @param reach     its usual length, metres
 * @param factor    how many times its usual length the step has
 * @param deviation radians by which its direction differs from the chart's
 */
public record FittedStride(Part part, int row, double reach, double factor, double deviation) {
}
