package fluidframe.core.geometry;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Moment;
import fluidframe.core.figure.Moments;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.space.Point;
import fluidframe.core.time.Tempo;
import fluidframe.core.time.Timing;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealVector;

/**
 * Solves both parts of a figure together. Each part reckoned alone with fixed step lengths comes apart in turning
 * figures; so every travelling row gets a length factor and a small change of direction, and every closing foot a small
 * shift, such that, whenever both dancers place a foot, the lady stands where the position says. What the partner on
 * the outside of a turn must add, the one on the inside gives up; the least-squares balance finds that by itself.
 *
 * <p>The place residuals are few and the bodies are sums of strides, so each Gauss–Newton step is solved in the space
 * of the residuals, which is several times faster here than a general optimiser and finds the same balance. A step that
 * makes the balance worse is halved.
 */
public final class CoupleFit {

    /** A residual of this many metres weighs as much as the next two. */
    private static final double PLACE_SCALE = 0.05;
    /** While only one of them steps, the other is on the way, and where they stand to each other is looser. */
    private static final double ALONE_SCALE = 0.2;
    /** Who have let go of each other may be anywhere, but not nearer than this, metres. */
    private static final double CLEAR = 0.5;

    private static final double CONVERGED = 1e-5;
    private static final int MOST_STEPS = 30;
    private static final int MOST_HALVINGS = 6;

    private final CoupleStance start;
    private final PartWalk man;
    private final PartWalk lady;
    private final List<Meeting> meetings;
    private final int manStrides;
    private final int strides;
    private final double[][] weights;
    /** How many metres of each meeting weigh as much as one of the numbers. */
    private final double[] scales;
    /** By how much each meeting is missed, x then y, with nominal steps. */
    private final double[] nominal;

    private CoupleFit(
            Figure figure,
            Stretch stretch,
            Timing his,
            Timing hers,
            Map<Part, TurnAccount> accounts,
            CoupleStance start,
            double turnedBy,
            StepLengths lengths) {
        this.start = start;
        Tempo tempo = figure.dance().slowest();
        this.man = new PartWalk(
                stretch.chart(figure.man()),
                stretch.account(Part.MAN, accounts.get(Part.MAN)),
                stretch.timing(Part.MAN, his),
                tempo,
                new Walker(lengths.man(), turnedBy),
                start.man(),
                turnedBy);
        this.lady = new PartWalk(
                stretch.chart(figure.lady()),
                stretch.account(Part.LADY, accounts.get(Part.LADY)),
                stretch.timing(Part.LADY, hers),
                tempo,
                new Walker(lengths.lady(), turnedBy),
                start.lady(),
                turnedBy);
        this.meetings = meetings(figure, stretch);
        this.manStrides = man.strides().size();
        this.strides = manStrides + lady.strides().size();
        this.weights = meetings.stream().map(this::weights).toArray(double[][]::new);
        this.scales = meetings.stream()
                .mapToDouble(meeting -> meeting.together() ? PLACE_SCALE : ALONE_SCALE)
                .toArray();
        List<Stance> hisSteps = man.nominal();
        List<Stance> herSteps = lady.nominal();
        this.nominal = meetings.stream()
                .map(meeting -> missed(meeting, hisSteps, herSteps))
                .flatMapToDouble(off -> DoubleStream.of(off.x(), off.y()))
                .toArray();
    }

    /**
     * @param man when the man's rows fall
     * @param lady when the lady's rows fall
     * @param start where both stand before the first row
     * @param turnedBy radians by which the figure is rotated from how its charts are written
     * @param lengths how long the couple's steps are
     */
    public static CoupleStances solve(
            Figure figure, Timing man, Timing lady, CoupleStance start, double turnedBy, StepLengths lengths) {
        return solve(figure, man, lady, accounts(figure), start, turnedBy, lengths);
    }

    /** The figure alone, begun at the origin as its charts are written. */
    public static CoupleStances solve(Figure figure, Timing man, Timing lady) {
        Map<Part, TurnAccount> accounts = accounts(figure);
        double angle = accounts.get(Part.MAN).start().radians();
        return solve(
                figure,
                man,
                lady,
                accounts,
                CoupleStance.standing(figure.start(), Point.ORIGIN, angle),
                0,
                StepLengths.of(figure.dance()));
    }

    /** The figure alone, begun like that, each part walked by itself with steps of the usual length. */
    public static CoupleStances nominal(Figure figure, Timing man, Timing lady) {
        Map<Part, TurnAccount> accounts = accounts(figure);
        CoupleStance start = CoupleStance.standing(
                figure.start(), Point.ORIGIN, accounts.get(Part.MAN).start().radians());
        CoupleStances stances = new CoupleStances(start, List.of(), List.of(), List.of(), List.of());
        for (Stretch stretch : Stretch.of(Moments.of(figure, man, lady))) {
            CoupleFit fit = new CoupleFit(
                    figure, stretch, man, lady, accounts, stances.end(), 0, StepLengths.of(figure.dance()));
            stances = stances.then(
                    new CoupleStances(stances.end(), fit.man.nominal(), fit.lady.nominal(), List.of(), List.of()));
        }
        return stances;
    }

    private static Map<Part, TurnAccount> accounts(Figure figure) {
        return Map.of(
                Part.MAN, figure.man().turnAccount(), Part.LADY, figure.lady().turnAccount());
    }

    private static CoupleStances solve(
            Figure figure,
            Timing man,
            Timing lady,
            Map<Part, TurnAccount> accounts,
            CoupleStance start,
            double turnedBy,
            StepLengths lengths) {
        CoupleStances stances = new CoupleStances(start, List.of(), List.of(), List.of(), List.of());
        for (Stretch stretch : Stretch.of(Moments.of(figure, man, lady))) {
            Stopping.check();
            stances = stances.then(
                    new CoupleFit(figure, stretch, man, lady, accounts, stances.end(), turnedBy, lengths).solve());
        }
        return stances;
    }

    private static List<Meeting> meetings(Figure figure, Stretch stretch) {
        List<Meeting> meetings = new ArrayList<>();
        Moment end = stretch.moments().get(stretch.moments().size() - 1);
        for (Moment moment : stretch.moments()) {
            boolean last = stretch.ends() && moment.manDone() == end.manDone() && moment.ladyDone() == end.ladyDone();
            Relation wanted = last && moment.passing().isEmpty() ? figure.end() : moment.standing();
            if (moment.manDone() >= 0 && moment.ladyDone() >= 0) {
                meetings.add(new Meeting(
                        moment.manDone() - stretch.manFrom(),
                        moment.ladyDone() - stretch.ladyFrom(),
                        wanted,
                        moment.isShared() || last,
                        0));
            }
        }
        return meetings;
    }

    /** The first numbers of all strides, then the second; zero is as charted. */
    private final class Balance {

        private final double[] at;
        private final double[] residuals = new double[2 * meetings.size()];
        private final double cost;

        Balance(double[] at) {
            this.at = at;
            double[] moved = new double[2 * strides];
            for (int stride = 0; stride < strides; stride++) {
                Point more = stride(stride)
                        .fitted(first(stride), second(stride))
                        .minus(stride(stride).fitted(0, 0));
                moved[2 * stride] = more.x();
                moved[2 * stride + 1] = more.y();
            }
            double sum = dot(at, at);
            for (int i = 0; i < meetings.size(); i++) {
                double x = nominal[2 * i];
                double y = nominal[2 * i + 1];
                for (int stride = 0; stride < strides; stride++) {
                    x += weights[i][stride] * moved[2 * stride];
                    y += weights[i][stride] * moved[2 * stride + 1];
                }
                residuals[2 * i] = x / scales[i];
                residuals[2 * i + 1] = y / scales[i];
                sum += residuals[2 * i] * residuals[2 * i] + residuals[2 * i + 1] * residuals[2 * i + 1];
            }
            this.cost = sum;
        }

        private double first(int stride) {
            return at[stride];
        }

        private double second(int stride) {
            return at[strides + stride];
        }

        /** How the residuals answer to each parameter. */
        private double[][] jacobian() {
            double[][] jacobian = new double[residuals.length][2 * strides];
            for (int stride = 0; stride < strides; stride++) {
                Point byFirst = stride(stride).byFirst(first(stride), second(stride));
                Point bySecond = stride(stride).bySecond(first(stride), second(stride));
                for (int i = 0; i < meetings.size(); i++) {
                    double weight = weights[i][stride] / scales[i];
                    jacobian[2 * i][stride] = weight * byFirst.x();
                    jacobian[2 * i + 1][stride] = weight * byFirst.y();
                    jacobian[2 * i][strides + stride] = weight * bySecond.x();
                    jacobian[2 * i + 1][strides + stride] = weight * bySecond.y();
                }
            }
            return jacobian;
        }

        /** Where the linearised balance has its minimum. */
        private double[] minimum() {
            double[][] jacobian = jacobian();
            double[] wanted = new double[residuals.length];
            double[][] normal = new double[residuals.length][residuals.length];
            for (int row = 0; row < residuals.length; row++) {
                wanted[row] = residuals[row] - dot(jacobian[row], at);
                for (int column = 0; column <= row; column++) {
                    normal[row][column] = dot(jacobian[row], jacobian[column]) + (row == column ? 1 : 0);
                    normal[column][row] = normal[row][column];
                }
            }
            RealVector multipliers = new CholeskyDecomposition(new Array2DRowRealMatrix(normal, false))
                    .getSolver()
                    .solve(new ArrayRealVector(wanted, false));
            double[] minimum = new double[at.length];
            for (int row = 0; row < residuals.length; row++) {
                double multiplier = multipliers.getEntry(row);
                for (int i = 0; i < minimum.length; i++) {
                    minimum[i] -= jacobian[row][i] * multiplier;
                }
            }
            return minimum;
        }

        private CoupleStances stances() {
            List<FittedStride> fitted = new ArrayList<>();
            for (int i = 0; i < strides; i++) {
                PartWalk walk = i < manStrides ? man : lady;
                fitted.add(stride(i)
                        .described(walk.part(), walk.rowOf(i < manStrides ? i : i - manStrides), first(i), second(i)));
            }
            int second = strides + manStrides;
            List<Stance> his =
                    man.stances(Arrays.copyOfRange(at, 0, manStrides), Arrays.copyOfRange(at, strides, second));
            List<Stance> hers = lady.stances(
                    Arrays.copyOfRange(at, manStrides, strides), Arrays.copyOfRange(at, second, 2 * strides));
            List<Meeting> met = new ArrayList<>();
            for (Meeting meeting : meetings) {
                if (meeting.together()) {
                    met.add(meeting.missing(missed(meeting, his, hers).length()));
                }
            }
            return new CoupleStances(start, his, hers, fitted, met);
        }
    }

    private Stride stride(int index) {
        return index < manStrides ? man.strides().get(index) : lady.strides().get(index - manStrides);
    }

    /** How far the lady is from where the meeting wants her. */
    private static Point missed(Meeting meeting, List<Stance> his, List<Stance> hers) {
        Stance himself = his.get(meeting.manRow());
        Stance herself = hers.get(meeting.ladyRow());
        if (meeting.wanted().position() == Position.APART) {
            return lackingClearance(herself.body().minus(himself.body()));
        }
        double direction = direction(himself, herself, meeting.wanted().position());
        return herself.body()
                .minus(himself.body())
                .minus(meeting.wanted().ladyFromMan().rotated(direction));
    }

    private static Point lackingClearance(Point apart) {
        double distance = apart.length();
        return distance >= CLEAR || distance == 0 ? Point.ORIGIN : apart.times(1 - CLEAR / distance);
    }

    /** How much each stride moves the lady away from the man at a meeting. */
    private double[] weights(Meeting meeting) {
        double[] weights = new double[strides];
        double[] his = man.body(meeting.manRow());
        double[] hers = lady.body(meeting.ladyRow());
        for (int i = 0; i < strides; i++) {
            weights[i] = i < manStrides ? -his[i] : hers[i - manStrides];
        }
        return weights;
    }

    private CoupleStances solve() {
        Balance balance = new Balance(new double[2 * strides]);
        boolean moving = !meetings.isEmpty() && strides > 0;
        for (int i = 0; i < MOST_STEPS && moving; i++) {
            Balance better = better(balance);
            moving = better != balance && farthest(better.at, balance.at) > CONVERGED;
            balance = better;
        }
        return balance.stances();
    }

    private Balance better(Balance balance) {
        double[] goal = balance.minimum();
        for (int halving = 0; halving < MOST_HALVINGS; halving++) {
            Balance tried = new Balance(goal);
            if (tried.cost < balance.cost) {
                return tried;
            }
            goal = halfway(balance.at, goal);
        }
        return balance;
    }

    private static double[] halfway(double[] from, double[] to) {
        double[] halfway = Arrays.copyOf(from, from.length);
        for (int i = 0; i < halfway.length; i++) {
            halfway[i] = (from[i] + to[i]) / 2;
        }
        return halfway;
    }

    private static double farthest(double[] a, double[] b) {
        double farthest = 0;
        for (int i = 0; i < a.length; i++) {
            farthest = Math.max(farthest, Math.abs(a[i] - b[i]));
        }
        return farthest;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }

    /** The couple's own direction: the mean of the man's angle and the lady's turned back by the position's facing. */
    private static double direction(Stance man, Stance lady, Position position) {
        double hers = lady.angle() - position.facing().radians();
        double apart = Math.IEEEremainder(hers - man.angle(), 2 * Math.PI);
        return man.angle() + apart / 2;
    }
}
