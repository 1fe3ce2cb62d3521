package fluidframe.core.motion;

import fluidframe.core.space.Point;

/**
 * A place on the floor over time, and where it looks.
 *
 * @param x metres
 * @param y metres
 * @param angle radians, to the left positive, counted on past a whole turn
 */
public record PlaceCurve(Curve x, Curve y, Curve angle) {

    public Point at(double beat) {
        return new Point(x.at(beat), y.at(beat));
    }
}
