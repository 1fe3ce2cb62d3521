package fluidframe.core.routine;

import fluidframe.core.space.Point;

/**
 * Something on the floor that nobody can dance through: a table, a pillar, the judges.
 *
 * @param title what it is
 * @param x metres from the short wall at the beginning of the first side
 * @param y metres from the wall of the first side
 * @param length metres along the first side
 * @param width metres across
 */
public record Obstacle(String title, double x, double y, double length, double width) {

    /** @throws IllegalArgumentException if it has no size or lies outside every room */
    public Obstacle {
        if (!(x >= 0 && y >= 0 && length > 0 && width > 0)) {
            throw new IllegalArgumentException(RoutineSentences.atMMMByM(title, x, y, length, width));
        }
    }

    /** How near it a point is, metres; less than nothing inside. */
    public double distanceTo(Point point) {
        double outsideX = Math.max(x - point.x(), point.x() - x - length);
        double outsideY = Math.max(y - point.y(), point.y() - y - width);
        return outsideX > 0 && outsideY > 0 ? Math.hypot(outsideX, outsideY) : Math.max(outsideX, outsideY);
    }
}
