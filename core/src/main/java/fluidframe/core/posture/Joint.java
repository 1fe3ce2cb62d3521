package fluidframe.core.posture;

/** A point of a body, metres: forward and to the left as the man looks, and up. */
public record Joint(double x, double y, double z) {

    Joint plus(Joint other) {
        return new Joint(x + other.x, y + other.y, z + other.z);
    }

    Joint minus(Joint other) {
        return new Joint(x - other.x, y - other.y, z - other.z);
    }

    Joint times(double factor) {
        return new Joint(x * factor, y * factor, z * factor);
    }

    double length() {
        return Math.sqrt(x * x + y * y + z * z);
    }

    /** Turned to the left about the upright through the origin, radians. */
    Joint turned(double radians) {
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        return new Joint(x * cos - y * sin, x * sin + y * cos, z);
    }

    /** The part of this that stands upright on a direction of length 1. */
    Joint across(Joint direction) {
        return minus(direction.times(x * direction.x + y * direction.y + z * direction.z));
    }

    Joint unit() {
        double length = length();
        return length == 0 ? this : times(1 / length);
    }

    Joint middle(Joint other) {
        return plus(other).times(0.5);
    }
}
