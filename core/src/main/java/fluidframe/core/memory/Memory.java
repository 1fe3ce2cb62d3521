package fluidframe.core.memory;

import java.time.Duration;
import java.time.Instant;

/**
 * What is remembered of one thing, after the published three-component model of memory FSRS, version 6, with its
 * published default weights. How likely it is to be had falls with time as a power; each time it is practised it falls
 * slower afterwards, the more so the likelier it was to be lost, and the less so the harder the thing is.
 *
 * @param stability days until it is had nine times out of ten
 * @param difficulty from 1, easy, to 10
 * @param last when it was practised last
 */
public record Memory(double stability, double difficulty, Instant last) {

    /** As likely as a thing should still be when it comes again. */
    public static final double WANTED = 0.9;

    private static final double[] WEIGHTS = {
        0.212, 1.2931, 2.3065, 8.2956, 6.4133, 0.8334, 3.0194, 0.001, 1.8722, 0.1666, 0.796, 1.4835, 0.0614, 0.2629,
        1.6483, 0.6014, 1.8729, 0.5425, 0.0912, 0.0658, 0.1542
    };
    private static final double DECAY = -WEIGHTS[20];
    private static final double FACTOR = Math.pow(WANTED, 1 / DECAY) - 1;
    private static final double LEAST_STABILITY = 0.001;
    private static final double EASIEST = 1;
    private static final double HARDEST = 10;
    private static final int LONGEST_DAYS = 36_500;
    private static final double DAY = Duration.ofDays(1).toSeconds();

    /** After it was practised for the first time. */
    public static Memory first(Grade grade, Instant when) {
        return new Memory(
                Math.max(WEIGHTS[grade.rating() - 1], LEAST_STABILITY), bounded(firstDifficulty(grade)), when);
    }

    /**
     * After it was practised once more. On one day it hardly becomes steadier.
     *
     * @param when not before it was practised last; an earlier moment counts as that one
     */
    public Memory then(Grade grade, Instant when) {
        double days = daysUntil(when);
        double steadier =
                days < 1 ? sameDay(grade) : grade == Grade.LOST ? lost(recall(days)) : had(recall(days), grade);
        return new Memory(Math.max(steadier, LEAST_STABILITY), harder(grade), when.isBefore(last) ? last : when);
    }

    /** How likely it is to be had at a moment, from 0 to 1. */
    public double recallAt(Instant when) {
        return recall(daysUntil(when));
    }

    /**
     * After how many whole days from the last time it should come again: when it has become as unlikely as is wanted.
     */
    public int interval() {
        return interval(WANTED);
    }

    /**
     * After how many whole days it has become as unlikely as this.
     *
     * @param recall between 0 and 1
     */
    public int interval(double recall) {
        double days = stability / FACTOR * (Math.pow(recall, 1 / DECAY) - 1);
        return (int) Math.min(Math.max(Math.rint(days), 1), LONGEST_DAYS);
    }

    /** When it should come again. */
    public Instant due() {
        return last.plus(Duration.ofDays(interval()));
    }

    private double daysUntil(Instant when) {
        return Math.max(0, Duration.between(last, when).toSeconds() / DAY);
    }

    private double recall(double days) {
        return Math.pow(1 + FACTOR * days / stability, DECAY);
    }

    private double sameDay(Grade grade) {
        double more = Math.exp(WEIGHTS[17] * (grade.rating() - 3 + WEIGHTS[18])) * Math.pow(stability, -WEIGHTS[19]);
        return stability * (grade.compareTo(Grade.GOOD) >= 0 ? Math.max(more, 1) : more);
    }

    private double lost(double recall) {
        double left = WEIGHTS[11]
                * Math.pow(difficulty, -WEIGHTS[12])
                * (Math.pow(stability + 1, WEIGHTS[13]) - 1)
                * Math.exp((1 - recall) * WEIGHTS[14]);
        return Math.min(left, stability / Math.exp(WEIGHTS[17] * WEIGHTS[18]));
    }

    private double had(double recall, Grade grade) {
        double trouble = grade == Grade.SHAKY ? WEIGHTS[15] : 1;
        double ease = grade == Grade.SECURE ? WEIGHTS[16] : 1;
        return stability
                * (1
                        + Math.exp(WEIGHTS[8])
                                * (11 - difficulty)
                                * Math.pow(stability, -WEIGHTS[9])
                                * (Math.exp((1 - recall) * WEIGHTS[10]) - 1)
                                * trouble
                                * ease);
    }

    private double harder(Grade grade) {
        double change = (HARDEST - difficulty) * (-WEIGHTS[6] * (grade.rating() - 3)) / (HARDEST - EASIEST);
        return bounded(WEIGHTS[7] * firstDifficulty(Grade.SECURE) + (1 - WEIGHTS[7]) * (difficulty + change));
    }

    private static double firstDifficulty(Grade grade) {
        return WEIGHTS[4] - Math.exp(WEIGHTS[5] * (grade.rating() - 1)) + 1;
    }

    private static double bounded(double difficulty) {
        return Math.min(Math.max(difficulty, EASIEST), HARDEST);
    }
}
