package fluidframe.core.compose;

import fluidframe.core.figure.Level;

/**
 * How hard a routine should be at each point: it begins with the easiest figures there are, rises to the hardest at
 * three quarters of its length and settles halfway down to its end, so that the couple arrive warm at what is hard and
 * finish in command.
 */
final class Arc {

    private static final double TOP = 0.75;
    private static final double SETTLED = 0.5;

    private final int easiest;
    private final int hardest;
    private final int whole;

    Arc(Level easiest, Level hardest, int whole) {
        this.easiest = easiest.ordinal();
        this.hardest = hardest.ordinal();
        this.whole = whole;
    }

    /** Whether there is any choice of level. */
    boolean bends() {
        return hardest > easiest;
    }

    /** The ordinal of the level a figure that begins here should have. */
    int level(int at) {
        double done = (double) at / whole;
        double height = done <= TOP ? done / TOP : 1 - (done - TOP) / (1 - TOP) * SETTLED;
        return easiest + (int) Math.round(height * (hardest - easiest));
    }
}
