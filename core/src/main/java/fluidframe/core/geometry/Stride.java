package fluidframe.core.geometry;

import fluidframe.core.couple.Part;
import fluidframe.core.space.Point;

/**
 * The way from the supporting foot to where the stepping foot lands. Two numbers fit it to the partner; both are zero
 * for the step as it is charted, and one is as much as a dancer gives without thinking of it.
 */
sealed interface Stride {

    /** Where the foot lands. */
    Point fitted(double first, double second);

    /** How that changes with the first number. */
    Point byFirst(double first, double second);

    /** How that changes with the second number. */
    Point bySecond(double first, double second);

    /** What the numbers make of the step. */
    FittedStride described(Part part, int row, double first, double second);

    /**
     * A step that travels: the first number makes it longer, the second turns it to the left.
     *
     * @param reach the part that grows with the step, metres, in the room
     * @param aside the part that stays, however long the step: the feet's own tracks and small shifts
     */
    record Travelling(Point reach, Point aside) implements Stride {

        private static final double FACTOR = 0.35;
        private static final double DEVIATION = Math.toRadians(20);

        @Override
        public Point fitted(double first, double second) {
            return reach.times(1 + first * FACTOR).plus(aside).rotated(second * DEVIATION);
        }

        @Override
        public Point byFirst(double first, double second) {
            return reach.rotated(second * DEVIATION).times(FACTOR);
        }

        @Override
        public Point bySecond(double first, double second) {
            Point landed = fitted(first, second).times(DEVIATION);
            return new Point(-landed.y(), landed.x());
        }

        @Override
        public FittedStride described(Part part, int row, double first, double second) {
            return new FittedStride(part, row, reach.length(), 1 + first * FACTOR, second * DEVIATION, 0);
        }
    }

    /**
     * A foot that closes or crosses: the numbers shift it, along x and y. Who closes a hand's breadth away from the
     * other foot still closes.
     *
     * @param beside where it lands, from the supporting foot
     */
    record Closing(Point beside) implements Stride {

        private static final double SHIFT = 0.09;

        @Override
        public Point fitted(double first, double second) {
            return beside.plus(new Point(first, second).times(SHIFT));
        }

        @Override
        public Point byFirst(double first, double second) {
            return new Point(SHIFT, 0);
        }

        @Override
        public Point bySecond(double first, double second) {
            return new Point(0, SHIFT);
        }

        @Override
        public FittedStride described(Part part, int row, double first, double second) {
            return new FittedStride(part, row, 0, 1, 0, Math.hypot(first, second) * SHIFT);
        }
    }
}
