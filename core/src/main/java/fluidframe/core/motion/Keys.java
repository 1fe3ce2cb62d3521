package fluidframe.core.motion;

import java.util.ArrayList;
import java.util.List;

/** The keys of a curve in the making, put down in the order of time. */
final class Keys {

    /** Keys nearer than this many beats are one. */
    private static final double NEAREST = 1e-6;

    private final List<Double> times = new ArrayList<>();
    private final List<Double> values = new ArrayList<>();

    Keys(double time, double value) {
        times.add(time);
        values.add(value);
    }

    double time() {
        return times.get(times.size() - 1);
    }

    double value() {
        return values.get(values.size() - 1);
    }

    /** Until here it stays; nothing, if it is still on its way then. */
    void hold(double time) {
        if (time > time() + NEAREST) {
            reach(time, value());
        }
    }

    /** Here it arrives; if it is to have arrived elsewhere at the same time, it arrives here. */
    void reach(double time, double value) {
        if (time > time() + NEAREST) {
            if (staysAs(value)) {
                times.set(times.size() - 1, time);
            } else {
                times.add(time);
                values.add(value);
            }
        } else {
            values.set(values.size() - 1, value);
        }
    }

    /** Of three alike in a row the middle one says nothing. */
    private boolean staysAs(double value) {
        int last = values.size() - 1;
        return last > 0 && values.get(last) == value && values.get(last - 1) == value;
    }

    Curve curve() {
        return Curve.through(
                times.stream().mapToDouble(Double::doubleValue).toArray(),
                values.stream().mapToDouble(Double::doubleValue).toArray());
    }
}
