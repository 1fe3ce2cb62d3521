package fluidframe.core.time;

/**
 * Where "a" falls inside a beat. A quarter is the default because that is how the usual counted values
 * ¾ ¼ 1 add up; a third is for music that swings in triplets.
 */
public enum Feel {
    QUARTER(Beats.QUARTER), TRIPLET(Beats.THIRD);

    private final Beats a;

    Feel(Beats a) {
        this.a = a;
    }

    /** How long a step on "a" lasts when the next one falls on the beat. */
    public Beats a() {
        return a;
    }

    /** Where "a" falls when it stands alone or last within its beat. */
    Beats lateA() {
        return Beats.ONE.minus(a);
    }

    /** Where "&" falls when "a" follows it within the beat. */
    Beats andBeforeA() {
        return this == TRIPLET ? Beats.THIRD : Beats.HALF;
    }
}
