package fluidframe.core.motion;

import fluidframe.core.geometry.Footprint;

/** Where a foot goes. */
final class FootKeys {

    private final Keys x;
    private final Keys y;
    private final Keys angle;

    FootKeys(Footprint start) {
        this.x = new Keys(-MotionWriter.LEAD, start.at().x());
        this.y = new Keys(-MotionWriter.LEAD, start.at().y());
        this.angle = new Keys(-MotionWriter.LEAD, start.angle());
    }

    /** Leaves the floor, and lands. */
    void move(double leaves, double lands, Footprint to) {
        x.hold(leaves);
        y.hold(leaves);
        x.reach(lands, to.at().x());
        y.reach(lands, to.at().y());
        turn(leaves, lands, to.angle());
    }

    /** Turns where it stands. */
    void turn(double begins, double ends, double radians) {
        if (radians != angle.value()) {
            angle.hold(begins);
            angle.reach(ends, radians);
        }
    }

    PlaceCurve curve() {
        return new PlaceCurve(x.curve(), y.curve(), angle.curve());
    }
}
