package fluidframe.core.floor;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.space.Point;
import fluidframe.core.step.Step;
import fluidframe.core.time.Timing;

import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Solves both parts of a figure together. Each part reckoned alone with fixed step lengths comes apart in turning
 * figures; so every travelling row gets a length factor and a small change of direction such that, whenever both
 * dancers place a foot, the lady stands where the position says. What the partner on the outside of a turn must
 * add, the one on the inside gives up; the least-squares balance finds that by itself. A chart so odd that no balance
 * is found is drawn with its nominal steps.
 */
public final class CoupleFit {

    /** A residual of this many metres weighs as much as the next two. */
    private static final double PLACE_SCALE = 0.05;
    private static final double FACTOR_SCALE = 0.35;
    private static final double DEVIATION_SCALE = Math.toRadians(20);
    private static final double DIFFERENCE = 1e-6;
    private static final double CONVERGED = 1e-8;
    private static final int MOST_EVALUATIONS = 200;

    private final CoupleStance start;
    private final Map<Part, List<Step>> steps;
    private final Map<Part, TurnAccount> accounts;
    private final Walker walker;
    private final List<Meeting> meetings;
    private final int manFree;
    private final int parameters;

    /** A moment when both have just placed a foot, by row, and the position they are then in. */
    private record Meeting(int manRow, int ladyRow, Position position) {
    }

    private CoupleFit(Figure figure, Timing man, Timing lady, CoupleStance start, double turnedBy) {
        this.start = start;
        this.steps = Map.of(Part.MAN, figure.man().steps(), Part.LADY, figure.lady().steps());
        this.accounts = Map.of(Part.MAN, figure.man().turnAccount(), Part.LADY, figure.lady().turnAccount());
        this.walker = new Walker(figure.dance(), turnedBy);
        this.meetings = meetings(figure, man, lady);
        this.manFree = free(Part.MAN);
        this.parameters = 2 * (manFree + free(Part.LADY));
    }

    /**
     * @param man      when the man's rows fall
     * @param lady     when the lady's rows fall
     * @param start    where both stand before the first row
     * @param turnedBy radians by which the figure is rotated from how its charts are written
     */
    public static CoupleTrack solve(Figure figure, Timing man, Timing lady, CoupleStance start, double turnedBy) {
        return new CoupleFit(figure, man, lady, start, turnedBy).solve();
    }

    /** The figure alone, begun at the origin as its charts are written. */
    public static CoupleTrack solve(Figure figure, Timing man, Timing lady) {
        CoupleStance start = CoupleStance.standing(figure.start().position(), Point.ORIGIN, figure.startHeading().radians());
        return solve(figure, man, lady, start, 0);
    }

    private static List<Meeting> meetings(Figure figure, Timing man, Timing lady) {
        Map<Integer, Integer> ladyRows = new HashMap<>();
        for (int row = 0; row < lady.slots().size(); row++) {
            ladyRows.put(lady.slots().get(row).onset().ticks(), row);
        }
        List<Meeting> meetings = new ArrayList<>();
        Relation relation = figure.start();
        int ladyDone = 0;
        for (int row = 0; row < man.slots().size(); row++) {
            relation = relation.with(figure.man().steps().get(row).relation());
            Integer ladyRow = ladyRows.get(man.slots().get(row).onset().ticks());
            if (ladyRow != null) {
                for (; ladyDone <= ladyRow; ladyDone++) {
                    relation = relation.with(figure.lady().steps().get(ladyDone).relation());
                }
                boolean last = row == man.slots().size() - 1;
                Position position = last ? figure.end().position() : relation.position();
                if (position != Position.APART) {
                    meetings.add(new Meeting(row, ladyRow, position));
                }
            }
        }
        return meetings;
    }

    private int free(Part part) {
        return (int) steps.get(part).stream().filter(Walker::isFree).count();
    }

    private CoupleTrack solve() {
        double[] initial = new double[parameters];
        for (int i = 0; i < parameters; i += 2) {
            initial[i] = 1;
        }
        if (meetings.isEmpty() || parameters == 0) {
            return track(initial);
        }
        try {
            return track(optimum(initial));
        } catch (MathIllegalStateException notConverged) {
            return track(initial);
        }
    }

    private double[] optimum(double[] initial) {
        LeastSquaresOptimizer.Optimum optimum = new LevenbergMarquardtOptimizer()
                .withCostRelativeTolerance(CONVERGED).withParameterRelativeTolerance(CONVERGED)
                .optimize(new LeastSquaresBuilder()
                .start(initial)
                .target(new double[2 * meetings.size() + parameters])
                .model(this::valueAndJacobian)
                .maxEvaluations(MOST_EVALUATIONS).maxIterations(MOST_EVALUATIONS)
                .lazyEvaluation(false)
                .build());
        return optimum.getPoint().toArray();
    }

    private Pair<RealVector, RealMatrix> valueAndJacobian(RealVector point) {
        double[] at = point.toArray();
        double[] value = residuals(at);
        double[][] jacobian = new double[value.length][parameters];
        for (int column = 0; column < parameters; column++) {
            double[] moved = Arrays.copyOf(at, at.length);
            moved[column] += DIFFERENCE;
            double[] changed = residuals(moved);
            for (int row = 0; row < value.length; row++) {
                jacobian[row][column] = (changed[row] - value[row]) / DIFFERENCE;
            }
        }
        return new Pair<>(new ArrayRealVector(value), new Array2DRowRealMatrix(jacobian));
    }

    private double[] residuals(double[] point) {
        CoupleTrack track = track(point);
        double[] residuals = new double[2 * meetings.size() + parameters];
        int index = 0;
        for (Meeting meeting : meetings) {
            Stance man = track.man().get(meeting.manRow());
            Stance lady = track.lady().get(meeting.ladyRow());
            Point wanted = man.body().plus(meeting.position().ladyFromMan().rotated(direction(man, lady, meeting.position())));
            residuals[index++] = (lady.body().x() - wanted.x()) / PLACE_SCALE;
            residuals[index++] = (lady.body().y() - wanted.y()) / PLACE_SCALE;
        }
        for (int i = 0; i < parameters; i += 2) {
            residuals[index++] = (point[i] - 1) / FACTOR_SCALE;
            residuals[index++] = point[i + 1] / DEVIATION_SCALE;
        }
        return residuals;
    }

    /** The couple's own direction: the mean of the man's angle and the lady's turned back by the position's facing. */
    private static double direction(Stance man, Stance lady, Position position) {
        double hers = lady.angle() - position.facing().radians();
        double apart = Math.IEEEremainder(hers - man.angle(), 2 * Math.PI);
        return man.angle() + apart / 2;
    }

    private CoupleTrack track(double[] point) {
        return new CoupleTrack(start, walk(Part.MAN, point, 0), walk(Part.LADY, point, 2 * manFree));
    }

    private List<Stance> walk(Part part, double[] point, int from) {
        List<Stance> stances = new ArrayList<>();
        Stance stance = start.of(part);
        int parameter = from;
        for (int row = 0; row < steps.get(part).size(); row++) {
            Step step = steps.get(part).get(row);
            boolean free = Walker.isFree(step);
            stance = walker.step(stance, step, accounts.get(part).entries().get(row),
                    free ? point[parameter] : 1, free ? point[parameter + 1] : 0);
            parameter += free ? 2 : 0;
            stances.add(stance);
        }
        return stances;
    }
}
