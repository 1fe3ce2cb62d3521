package fluidframe.core.motion;

import java.util.Arrays;

/**
 * A value over time that passes smoothly through its keys and never swings beyond them: where two keys are alike it
 * stays. Between two keys it is a cubic with the slopes of Fritsch and Carlson's monotone interpolation; before the
 * first and after the last key it stands still.
 */
public final class Curve {

    private final double[] times;
    private final double[] values;
    private final double[] slopes;

    private Curve(double[] times, double[] values) {
        this.times = times;
        this.values = values;
        this.slopes = slopes(times, values);
    }

    /**
     * @param times beats, each later than the one before
     * @param values one for each time
     * @throws IllegalArgumentException if there is no key, the numbers differ, or a time does not come after the one
     *     before
     */
    public static Curve through(double[] times, double[] values) {
        if (times.length == 0 || times.length != values.length) {
            throw new IllegalArgumentException(MotionSentences.aCurveNeedsAValueFor(times.length, values.length));
        }
        for (int i = 1; i < times.length; i++) {
            if (!(times[i] > times[i - 1])) {
                throw new IllegalArgumentException(MotionSentences.keyAtDoesNotComeAfter(i, times[i], times[i - 1]));
            }
        }
        return new Curve(times.clone(), values.clone());
    }

    private static double[] slopes(double[] times, double[] values) {
        double[] slopes = new double[times.length];
        for (int i = 1; i + 1 < times.length; i++) {
            double before = times[i] - times[i - 1];
            double after = times[i + 1] - times[i];
            double rising = (values[i] - values[i - 1]) / before;
            double going = (values[i + 1] - values[i]) / after;
            if (rising * going > 0) {
                slopes[i] = 3 * (before + after) / ((2 * after + before) / rising + (after + 2 * before) / going);
            }
        }
        return slopes;
    }

    public double at(double time) {
        int next = Arrays.binarySearch(times, time);
        if (next >= 0) {
            return values[next];
        }
        int after = -next - 1;
        if (after == 0 || after == times.length) {
            return values[after == 0 ? 0 : times.length - 1];
        }
        double span = times[after] - times[after - 1];
        double share = (time - times[after - 1]) / span;
        double left = 1 - share;
        return values[after - 1] * (1 + 2 * share) * left * left
                + slopes[after - 1] * span * share * left * left
                + values[after] * share * share * (3 - 2 * share)
                - slopes[after] * span * share * share * left;
    }

    public int size() {
        return times.length;
    }

    public double time(int key) {
        return times[key];
    }

    public double value(int key) {
        return values[key];
    }

    /** How fast the value changes at a key, for each beat. */
    public double slope(int key) {
        return slopes[key];
    }
}
