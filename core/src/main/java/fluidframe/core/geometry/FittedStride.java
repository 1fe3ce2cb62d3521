package fluidframe.core.geometry;

import fluidframe.core.couple.Part;

/**
 * What the fit made of one step.
 *
 * @param reach its usual length, metres
 * @param factor how many times its usual length the step has
 * @param deviation radians by which its direction differs from the chart's
 * @param shift metres by which a closing or crossing foot lands beside its place
 */
public record FittedStride(Part part, int row, double reach, double factor, double deviation, double shift) {

    FittedStride later(int rows) {
        return new FittedStride(part, row + rows, reach, factor, deviation, shift);
    }
}
