package fluidframe.core.routine;

import fluidframe.core.space.Point;
import java.util.List;

/**
 * The room. The first side runs along x with the wall at y = 0; the corner of the room is the origin.
 *
 * @param length metres along the first side
 * @param width metres across
 * @param start where the man stands at the beginning
 * @param obstacles what stands on it
 */
public record Floor(double length, double width, Point start, List<Obstacle> obstacles) {

    public static final int MOST_OBSTACLES = 20;
    public static final double SMALLEST = 4;
    public static final double LARGEST = 100;

    private static final double HALL_LENGTH = 18;
    private static final double HALL_WIDTH = 11;
    private static final double FROM_SIDE_WALL = 2.5;
    private static final double FROM_WALL = 2.2;

    /**
     * @throws IllegalArgumentException if the room is smaller than {@value #SMALLEST} m or larger than
     *     {@value #LARGEST} m either way, or the start or an obstacle lies outside it
     */
    public Floor {
        obstacles = List.copyOf(obstacles);
        if (!(length >= SMALLEST && length <= LARGEST && width >= SMALLEST && width <= LARGEST)) {
            throw new IllegalArgumentException(RoutineSentences.aFloorOfMByM(length, width));
        }
        if (!(start.x() >= 0 && start.x() <= length && start.y() >= 0 && start.y() <= width)) {
            throw new IllegalArgumentException(RoutineSentences.aStartAtMMIs(start.x(), start.y(), length, width));
        }
        if (obstacles.size() > MOST_OBSTACLES) {
            throw new IllegalArgumentException(
                    RoutineSentences.obstaclesExpectedAtMost(obstacles.size(), MOST_OBSTACLES));
        }
        for (Obstacle obstacle : obstacles) {
            if (obstacle.x() + obstacle.length() > length || obstacle.y() + obstacle.width() > width) {
                throw new IllegalArgumentException(
                        RoutineSentences.reachesBeyondAFloorOfM(obstacle.title(), length, width));
            }
        }
    }

    /**
     * How far the couple can still travel along a side before they must turn its corner, metres.
     *
     * @param at where they are
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

    public Floor startingAt(Point other) {
        return new Floor(length, width, other, obstacles);
    }

    /** How far a couple can travel along a whole side from corner to corner, metres. */
    public double along(int side) {
        return (side % 2 == 0 ? length : width) - 2 * FROM_WALL;
    }

    /** The hall in which everything is danced that names no floor: 18 m by 11 m. */
    public static Floor hall(boolean travels) {
        return of(HALL_LENGTH, HALL_WIDTH, travels);
    }

    /** A travelling dance starts near the beginning of the first side, a spot dance in the middle. */
    public static Floor of(double length, double width, boolean travels) {
        return new Floor(
                length,
                width,
                travels ? new Point(FROM_SIDE_WALL, FROM_WALL) : new Point(length / 2, width / 2),
                List.of());
    }
}
