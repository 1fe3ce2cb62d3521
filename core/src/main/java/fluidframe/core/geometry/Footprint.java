package fluidframe.core.geometry;

import fluidframe.core.space.Point;

/**
 * One foot on the floor.
 *
 * @param at its middle
 * @param angle where it points, radians from the line of dance of the first side, to the left positive
 */
public record Footprint(Point at, double angle) {

    Footprint rotated(double radians) {
        return new Footprint(at.rotated(radians), angle + radians);
    }
}
