package fluidframe.core.geometry;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import fluidframe.core.time.Tempo;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;

/**
 * One part's rows as sums of strides. Every foot lands where some earlier foot stood, plus strides; so the body after a
 * row is a weighted sum of the strides taken so far, and the weights follow from the chart alone.
 */
final class PartWalk {

    private final Chart chart;
    private final List<RowAngles> angles;
    private final Walker walker;
    private final Stance start;
    private final List<Integer> rowOfStride = new ArrayList<>();
    private final List<Stride> strides = new ArrayList<>();
    private final List<double[]> bodies = new ArrayList<>();

    /**
     * @param timing when the rows fall
     * @param tempo how fast the dance usually goes
     */
    PartWalk(
            Chart chart,
            TurnAccount account,
            Timing timing,
            Tempo tempo,
            Walker walker,
            Stance start,
            double turnedBy) {
        this.chart = chart;
        this.angles = RowAngles.of(account, turnedBy, start.angle());
        this.walker = walker;
        this.start = start;
        for (int row = 0; row < chart.steps().size(); row++) {
            Step step = chart.steps().get(row);
            if (Walker.isFree(step)) {
                rowOfStride.add(row);
                strides.add(walker.stride(step, account.entries().get(row), seconds(timing, tempo, row)));
            }
        }
        weigh();
    }

    /** The time there is for a row's step; all there could be for the first. */
    private static double seconds(Timing timing, Tempo tempo, int row) {
        return row == 0
                ? Double.POSITIVE_INFINITY
                : tempo.seconds(
                        timing.rhythm(),
                        timing.slots()
                                .get(row)
                                .onset()
                                .minus(timing.slots().get(row - 1).onset()));
    }

    private void weigh() {
        double[] left = new double[strides.size()];
        double[] right = new double[strides.size()];
        double[] body = new double[strides.size()];
        int next = 0;
        for (Step step : chart.steps()) {
            if (step.foot().isPresent() && step.footPosition().isPresent()) {
                Foot foot = step.foot().get();
                if (foot == Foot.BOTH) {
                    body = mean(left, right);
                } else {
                    double[] moved = step.goes(StepDirection.IN_PLACE)
                            ? foot == Foot.LEFT ? left : right
                            : (foot == Foot.LEFT ? right : left).clone();
                    if (Walker.isFree(step)) {
                        moved[next++] += 1;
                    }
                    left = foot == Foot.LEFT ? moved : left;
                    right = foot == Foot.RIGHT ? moved : right;
                    body = switch (step.weight()) {
                        case FULL -> moved;
                        case PART -> mean(left, right);
                        case NONE -> body;
                    };
                }
            }
            bodies.add(body);
        }
    }

    private static double[] mean(double[] a, double[] b) {
        double[] mean = new double[a.length];
        for (int i = 0; i < mean.length; i++) {
            mean[i] = (a[i] + b[i]) / 2;
        }
        return mean;
    }

    Part part() {
        return chart.part();
    }

    List<Stride> strides() {
        return strides;
    }

    int rowOf(int stride) {
        return rowOfStride.get(stride);
    }

    /** How much each stride moves the body by the end of a row. */
    double[] body(int row) {
        return bodies.get(row);
    }

    /** Every step as it is charted. */
    List<Stance> nominal() {
        return stances(new double[strides.size()], new double[strides.size()]);
    }

    /**
     * @param first the first number of each stride
     * @param second the second
     */
    List<Stance> stances(double[] first, double[] second) {
        List<Stance> stances = new ArrayList<>();
        Stance stance = start;
        int next = 0;
        for (int row = 0; row < chart.steps().size(); row++) {
            Step step = chart.steps().get(row);
            boolean free = Walker.isFree(step);
            stance = walker.step(
                    stance,
                    step,
                    angles.get(row),
                    free ? strides.get(next).fitted(first[next], second[next]) : Walker.NO_STRIDE);
            next += free ? 1 : 0;
            stances.add(stance);
        }
        return stances;
    }
}
