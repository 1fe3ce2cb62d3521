package fluidframe.core.routine;

import fluidframe.core.space.Point;

/**
 * The room. The first side runs along x with the wall at y = 0; the corner of the room is the origin.
 *
 * @param length metres along the first side
 * @param width  metres across
 * @param start  where the man stands at the beginning
 */
public record Floor(double length, double width, Point start) {

    private static final double FROM_SIDE_WALL = 2.5;
    private static final double FROM_WALL = 2.2;

    /**
     * @throws IllegalArgumentException if the room is smaller than 4 m or larger than 100 m either way
     */
    public Floor {
        if (!(length >= 4 && length <= 100 && width >= 4 && width <= 100)) {
            throw new IllegalArgumentException("a floor of " + length + " m by " + width + " m: expected 4 m to 100 m each way");
        }
    }

    /**
     * How far the couple can still travel along a side before they must turn its corner, metres.
     *
     * @param at   where they are
     * @param side counted from 0, one more after every corner
     */
    public double ahead(Point at, int side) {
        double toWall = switch (side % 4) {
            case 0 -> length - at.x();
            case 1 -> width - at.y();
            case 2 -> at.x();
            default -> at.y();
        };
        return Math.max(0, toWall - FROM_WALL);
    }

    /** How far a couple can travel along a whole side from corner to corner, metres. */
    public double along(int side) {
        return (side % 2 == 0 ? length : width) - 2 * FROM_WALL;
    }

    /** A travelling dance starts near the beginning of the first side, a spot dance in the middle. */
    public static Floor of(double length, double width, boolean travels) {
        return new Floor(length, width, travels ? new Point(FROM_SIDE_WALL, FROM_WALL) : new Point(length / 2, width / 2));
    }
}
