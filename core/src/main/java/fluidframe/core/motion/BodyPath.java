package fluidframe.core.motion;

import fluidframe.core.space.Point;

/** Where a body goes. */
final class BodyPath {

    private final Keys x;
    private final Keys y;

    BodyPath(Point start) {
        this.x = new Keys(-MotionWriter.LEAD, start.x());
        this.y = new Keys(-MotionWriter.LEAD, start.y());
    }

    void hold(double time) {
        x.hold(time);
        y.hold(time);
    }

    void reach(double time, Point at) {
        x.reach(time, at.x());
        y.reach(time, at.y());
    }

    PlaceCurve looking(Keys angle) {
        return new PlaceCurve(x.curve(), y.curve(), angle.curve());
    }
}
