package fluidframe.core.space;

/**
 * A place on the floor, in metres: x along the line of dance of the side the figure starts on, y towards its centre.
 */
public record Point(double x, double y) {

    public static final Point ORIGIN = new Point(0, 0);

    public Point plus(Point other) {
        return new Point(x + other.x, y + other.y);
    }

    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    /** Turned about the origin, to the left positive. */
    public Point rotated(double radians) {
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        return new Point(x * cos - y * sin, x * sin + y * cos);
    }

    public double length() {
        return Math.hypot(x, y);
    }

    public double distanceTo(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }

    public Point midpoint(Point other) {
        return plus(other).times(0.5);
    }
}
