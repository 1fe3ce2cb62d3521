package fluidframe.core.geometry;

import fluidframe.core.figure.TurnAccount;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Point;
import fluidframe.core.step.Action;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import fluidframe.core.step.Weight;

/**
 * Takes one row's step. The foot moves relative to the supporting one, in the frame at half of the turn made between
 * the two steps, so that turning steps trace an arc; a closing foot arrives beside the other in the frame after the
 * turn.
 */
final class Walker {

    static final Point NO_STRIDE = Point.ORIGIN;

    /** No step is taken faster than this, metres a second: in a quarter of a beat nobody strides out. */
    private static final double FASTEST = 2.2;

    private static final double SIDE_LENGTH = 0.8;
    private static final double DIAGONAL = Math.sqrt(0.5);
    private static final double SLIGHTLY = 0.12;
    private static final double SMALL = 0.55;
    private static final double LONG = 1.35;
    private static final double CROSS_DEPTH = 0.15;
    private static final double CROSS_OVER = 0.05;

    /**
     * Further out than an eighth no foot is turned from the other; the supporting one turns along on its ball or heel.
     */
    private static final double TURNED_OUT = Math.PI / 4;

    private final double stepLength;
    private final double turnedBy;

    /**
     * @param stepLength metres of an ordinary forward step
     * @param turnedBy radians by which the whole figure is rotated from how its charts are written
     */
    Walker(double stepLength, double turnedBy) {
        this.stepLength = stepLength;
        this.turnedBy = turnedBy;
    }

    /** Whether the step is free to give a little, so that the partner can be met. */
    static boolean isFree(Step step) {
        return step.foot().filter(foot -> foot != Foot.BOTH).isPresent()
                && step.footPosition()
                        .filter(position -> position.direction() != StepDirection.IN_PLACE)
                        .isPresent();
    }

    /** @param stride the way from the supporting foot, for a row that is free */
    Stance step(Stance from, Step step, RowAngles angles, Point stride) {
        double placed = angles.placed();
        double after = angles.after();
        double body = angles.body();
        if (step.foot().isEmpty() || step.footPosition().isEmpty()) {
            return from.withBody(from.body(), body);
        }
        Foot foot = step.foot().get();
        if (foot == Foot.BOTH) {
            return from.with(Foot.LEFT, new Footprint(from.left().at(), after))
                    .with(Foot.RIGHT, new Footprint(from.right().at(), after))
                    .withBody(from.left().at().midpoint(from.right().at()), body);
        }
        Point at = isFree(step)
                ? from.foot(foot.other()).at().plus(stride)
                : from.foot(foot).at();
        Stance moved =
                from.with(foot, new Footprint(at, after)).with(foot.other(), along(from.foot(foot.other()), placed));
        return moved.withBody(body(moved, foot, step.weight(), body), body);
    }

    private static Footprint along(Footprint support, double placed) {
        double off = support.angle() - placed;
        return new Footprint(support.at(), placed + Math.max(-TURNED_OUT, Math.min(TURNED_OUT, off)));
    }

    /**
     * The stride of a row that is free. A foot that travels does so in the frame at half of the turn made between the
     * two steps; one that closes or crosses arrives in the frame after the turn.
     *
     * @param seconds how long the foot has for it at the dance's usual tempo
     */
    Stride stride(Step step, TurnAccount.Entry entry, double seconds) {
        FootPosition position = step.footPosition().orElseThrow();
        double own = step.foot().orElseThrow() == Foot.LEFT ? 1 : -1;
        double placed = entry.placed().radians() + turnedBy;
        return switch (position.direction()) {
            case CLOSE -> new Stride.Closing(new Point(nudge(position).x(), own * Stance.TRACK).rotated(placed));
            case CROSS_IN_FRONT -> new Stride.Closing(new Point(CROSS_DEPTH, -own * CROSS_OVER).rotated(placed));
            case CROSS_BEHIND -> new Stride.Closing(new Point(-CROSS_DEPTH, -own * CROSS_OVER).rotated(placed));
            case FORWARD, BACK, SIDE, DIAGONAL_FORWARD, DIAGONAL_BACK ->
                travelling(step, position, own, entry, seconds);
            case IN_PLACE -> throw new IllegalArgumentException(GeometrySentences.aStepInPlaceHasNo());
        };
    }

    private Stride travelling(Step step, FootPosition position, double own, TurnAccount.Entry entry, double seconds) {
        double length = Math.min(stepLength * scale(step, position), FASTEST * seconds);
        if (step.alignment().orElse(null) instanceof Alignment.Moving moving) {
            return new Stride.Travelling(
                    new Point(length, 0).rotated(moving.travel().radians() + turnedBy), Point.ORIGIN);
        }
        double frame = entry.before().radians() + entry.between().radians() / 2 + turnedBy;
        boolean onOwnTrack = !position.has(PositionModifier.CBMP) && !position.has(PositionModifier.ACROSS);
        double track = onOwnTrack ? own * Stance.TRACK : 0;
        Point reach = switch (position.direction()) {
            case FORWARD -> new Point(length, 0);
            case BACK -> new Point(-length, 0);
            case DIAGONAL_FORWARD -> new Point(length * DIAGONAL, own * length * DIAGONAL);
            case DIAGONAL_BACK -> new Point(-length * DIAGONAL, own * length * DIAGONAL);
            default -> new Point(0, own * length * SIDE_LENGTH);
        };
        Point aside = switch (position.direction()) {
            case FORWARD, BACK -> new Point(0, track);
            case DIAGONAL_FORWARD, DIAGONAL_BACK -> Point.ORIGIN;
            default -> new Point(0, own * Stance.TRACK);
        };
        return new Stride.Travelling(
                reach.rotated(frame), aside.plus(nudge(position)).rotated(frame));
    }

    private static double scale(Step step, FootPosition position) {
        double scale = position.has(PositionModifier.SMALL) ? SMALL : position.has(PositionModifier.LONG) ? LONG : 1;
        return position.touch().isPresent() || step.weight() == Weight.NONE || step.does(Action.LOCK)
                ? scale * SMALL
                : scale;
    }

    private static Point nudge(FootPosition position) {
        double ahead = (position.has(PositionModifier.SLIGHTLY_FORWARD) ? SLIGHTLY : 0)
                - (position.has(PositionModifier.SLIGHTLY_BACK) ? SLIGHTLY : 0);
        double aside = (position.has(PositionModifier.SLIGHTLY_LEFT) ? SLIGHTLY : 0)
                - (position.has(PositionModifier.SLIGHTLY_RIGHT) ? SLIGHTLY : 0);
        return new Point(ahead, aside);
    }

    /** Full weight brings the body over the foot, part weight between the feet. */
    private static Point body(Stance moved, Foot foot, Weight weight, double angle) {
        return switch (weight) {
            case NONE -> moved.body();
            case PART -> moved.left().at().midpoint(moved.right().at());
            case FULL -> {
                double towardsMiddle = foot == Foot.LEFT ? -Stance.TRACK / 2 : Stance.TRACK / 2;
                yield moved.foot(foot).at().plus(new Point(0, towardsMiddle).rotated(angle));
            }
        };
    }
}
