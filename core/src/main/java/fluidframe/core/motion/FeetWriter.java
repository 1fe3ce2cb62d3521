package fluidframe.core.motion;

import fluidframe.core.figure.Height;
import fluidframe.core.geometry.Footprint;
import fluidframe.core.geometry.Stance;
import fluidframe.core.step.Foot;
import java.util.List;
import java.util.Map;

/**
 * Times one dancer's feet, weight, turn and height. A foot leaves only once all the weight is on the other one; it
 * stays where it has landed but for turns made on it.
 */
final class FeetWriter {

    /** When in a step a turn made on the foot is done, and when the dancer has lowered at its end. */
    private static final double TURNED = 0.85;
    /**
     * What share of the time to the next landing is given to bringing the weight back, where the same foot must leave
     * again.
     */
    private static final double BACK = 0.4;

    private final List<Tread> treads;
    private final Map<Double, Double> arrivals;
    private final FootKeys left;
    private final FootKeys right;
    private final Keys angle;
    private final Keys weight;
    private final Keys height;
    private double arrived = -MotionWriter.LEAD;

    FeetWriter(Stance start, List<Tread> treads, Map<Double, Double> arrivals) {
        this.treads = treads;
        this.arrivals = arrivals;
        this.left = new FootKeys(start.left());
        this.right = new FootKeys(start.right());
        this.angle = new Keys(-MotionWriter.LEAD, start.angle());
        this.weight = new Keys(
                -MotionWriter.LEAD,
                onto(treads.stream()
                        .flatMap(tread -> tread.step().foot().stream())
                        .findFirst()
                        .map(Foot::other)
                        .orElse(Foot.BOTH)));
        this.height = new Keys(-MotionWriter.LEAD, 0);
    }

    DancerMotion write(BodyPath path) {
        treads.forEach(this::tread);
        return new DancerMotion(path.looking(angle), left.curve(), right.curve(), weight.curve(), height.curve());
    }

    /** The share of the left foot when all the weight is on one. */
    private static double onto(Foot foot) {
        return foot == Foot.LEFT ? 1 : foot == Foot.RIGHT ? 0 : 0.5;
    }

    private void tread(Tread tread) {
        double arrives = arrivals.get(tread.onset());
        double turned = tread.onset() + TURNED * tread.length();
        double on = tread.step().turn().on().radians();
        boolean moves =
                tread.step().foot().isPresent() && tread.step().footPosition().isPresent();
        if (moves && tread.step().foot().get() == Foot.BOTH) {
            twist(tread, arrives);
        } else if (moves) {
            step(tread, tread.step().foot().get(), arrives, turned, on);
        }
        angle.hold(arrived);
        if (on != 0 && turned > arrives) {
            angle.reach(arrives, tread.stance().angle() - on);
            angle.reach(turned, tread.stance().angle());
        } else {
            angle.reach(arrives, tread.stance().angle());
        }
        height.hold(arrived);
        height.reach(arrives, metres(tread.reached()));
        if (turned > arrives) {
            height.reach(turned, metres(tread.left()));
        }
        arrived = arrives;
    }

    private static double metres(Height height) {
        return (double) height.ordinal() / Height.UP.ordinal();
    }

    private void twist(Tread tread, double arrives) {
        weight.hold(arrived);
        weight.reach(arrives, 0.5);
        left.turn(arrived, tread.onset(), tread.stance().left().angle());
        right.turn(arrived, tread.onset(), tread.stance().right().angle());
    }

    private void step(Tread tread, Foot foot, double arrives, double turned, double on) {
        double support = onto(foot.other());
        double leaves = arrived;
        if (weight.value() != support) {
            leaves = arrived + BACK * (tread.onset() - arrived);
            weight.hold(arrived);
            weight.reach(leaves, support);
        }
        weight.hold(tread.onset());
        weight.reach(
                arrives,
                switch (tread.step().weight()) {
                    case FULL -> onto(foot);
                    case PART -> 0.5;
                    case NONE -> support;
                });
        FootKeys moving = foot == Foot.LEFT ? left : right;
        FootKeys standing = foot == Foot.LEFT ? right : left;
        Footprint landed = tread.stance().foot(foot);
        moving.move(leaves, tread.onset(), new Footprint(landed.at(), landed.angle() - on));
        standing.turn(leaves, tread.onset(), tread.stance().foot(foot.other()).angle());
        if (on != 0 && turned > arrives) {
            moving.turn(arrives, turned, landed.angle());
        }
    }
}
