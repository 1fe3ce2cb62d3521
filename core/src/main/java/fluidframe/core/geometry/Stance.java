package fluidframe.core.geometry;

import fluidframe.core.space.Point;
import fluidframe.core.step.Foot;

/**
 * One dancer at one moment.
 *
 * @param body centre of the body
 * @param angle where the body looks, radians from the line of dance of the first side, to the left positive
 * @param left left foot
 * @param right right foot
 */
public record Stance(Point body, double angle, Footprint left, Footprint right) {

    /** Metres between the middles of two feet that stand side by side. */
    public static final double TRACK = 0.14;

    /** Feet together. */
    public static Stance standing(Point body, double angle) {
        Point aside = new Point(0, TRACK / 2).rotated(angle);
        return new Stance(body, angle, new Footprint(body.plus(aside), angle), new Footprint(body.minus(aside), angle));
    }

    /** The same stance turned about the origin, radians to the left. */
    public Stance rotated(double radians) {
        return new Stance(body.rotated(radians), angle + radians, left.rotated(radians), right.rotated(radians));
    }

    public Footprint foot(Foot foot) {
        return foot == Foot.LEFT ? left : right;
    }

    public Stance with(Foot foot, Footprint print) {
        return foot == Foot.LEFT ? new Stance(body, angle, print, right) : new Stance(body, angle, left, print);
    }

    public Stance withBody(Point point, double radians) {
        return new Stance(point, radians, left, right);
    }
}
