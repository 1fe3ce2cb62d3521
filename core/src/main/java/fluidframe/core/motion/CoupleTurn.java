package fluidframe.core.motion;

import fluidframe.core.geometry.CoupleStance;
import fluidframe.core.space.Point;

/**
 * How two bodies get from one moment to the next: round a point between them, which lies the nearer to one of them the
 * less that one moves.
 *
 * @param pivot where that point is on the line from him to her, from 0 to 1
 * @param from the point before
 * @param to the point after
 * @param bearing direction from him to her before, radians
 * @param radians how far that direction turns
 * @param apart their distance before, metres
 * @param apartNow their distance after
 */
record CoupleTurn(double pivot, Point from, Point to, double bearing, double radians, double apart, double apartNow) {

    static CoupleTurn between(CoupleStance before, CoupleStance after) {
        double his = before.man().body().distanceTo(after.man().body());
        double hers = before.lady().body().distanceTo(after.lady().body());
        double pivot = his + hers == 0 ? 0.5 : his / (his + hers);
        Point herBefore = before.lady().body().minus(before.man().body());
        Point herAfter = after.lady().body().minus(after.man().body());
        double bearing = Math.atan2(herBefore.y(), herBefore.x());
        double expected = common(
                after.man().angle() - before.man().angle(),
                after.lady().angle() - before.lady().angle());
        double turn = Math.atan2(herAfter.y(), herAfter.x()) - bearing;
        double radians = expected + Math.IEEEremainder(turn - expected, 2 * Math.PI);
        return new CoupleTurn(
                pivot,
                before.man().body().plus(herBefore.times(pivot)),
                after.man().body().plus(herAfter.times(pivot)),
                bearing,
                radians,
                herBefore.length(),
                herAfter.length());
    }

    /** What both turn together: who turns alone does not turn the couple. */
    private static double common(double his, double hers) {
        return his * hers <= 0 ? 0 : Math.signum(his) * Math.min(Math.abs(his), Math.abs(hers));
    }

    Point man(double share) {
        return middle(share).minus(towardsHer(share).times(pivot));
    }

    Point lady(double share) {
        return middle(share).plus(towardsHer(share).times(1 - pivot));
    }

    private Point middle(double share) {
        return from.times(1 - share).plus(to.times(share));
    }

    private Point towardsHer(double share) {
        return new Point(apart + (apartNow - apart) * share, 0).rotated(bearing + radians * share);
    }
}
