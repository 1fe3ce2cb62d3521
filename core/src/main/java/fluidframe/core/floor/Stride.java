package fluidframe.core.floor;

import fluidframe.core.space.Point;

/**
 * The way from the supporting foot to where the stepping foot lands, before it is fitted to the partner.
 *
 * @param reach the part that grows with the step, metres, in the room
 * @param aside the part that stays, however long the step: the feet's own tracks and small shifts
 */
record Stride(Point reach, Point aside) {

    /**
     * @param factor    how many times the usual length
     * @param deviation radians by which the direction differs from the chart's
     */
    Point fitted(double factor, double deviation) {
        return reach.times(factor).plus(aside).rotated(deviation);
    }
}
