package fluidframe.core.time;

import fluidframe.core.text.Fraction;
import fluidframe.core.text.UnreadableTextException;

/**
 * A length or a point in musical time, exact to 1/48 of a beat: halves, quarters, eighths, thirds and their products
 * all fit without rounding.
 *
 * @param ticks forty-eighths of a beat; negative only as the difference of two points
 */
public record Beats(int ticks) implements Comparable<Beats> {

    public static final int TICKS_PER_BEAT = 48;
    public static final Beats ZERO = new Beats(0);
    public static final Beats ONE = of(1);
    public static final Beats HALF = of(1, 2);
    public static final Beats QUARTER = of(1, 4);
    public static final Beats THIRD = of(1, 3);

    public static Beats of(int whole) {
        return new Beats(Math.multiplyExact(whole, TICKS_PER_BEAT));
    }

    /** @throws ArithmeticException if parts/whole of a beat is not a whole number of ticks */
    public static Beats of(int parts, int whole) {
        return new Beats(new Fraction(parts, whole).in(TICKS_PER_BEAT));
    }

    /** @throws UnreadableTextException if the text is no number of beats, or finer than 1/48 */
    public static Beats parse(String text) {
        boolean negative = text.strip().startsWith("-");
        Fraction fraction = Fraction.parse(negative ? text.strip().substring(1) : text);
        try {
            Beats size = new Beats(fraction.in(TICKS_PER_BEAT));
            return negative ? ZERO.minus(size) : size;
        } catch (ArithmeticException e) {
            throw new UnreadableTextException(text, TimeSentences.beatsInHalvesThirdsQuartersOf());
        }
    }

    public Beats plus(Beats other) {
        return new Beats(ticks + other.ticks);
    }

    public Beats minus(Beats other) {
        return new Beats(ticks - other.ticks);
    }

    public Beats times(int factor) {
        return new Beats(Math.multiplyExact(ticks, factor));
    }

    public boolean isPositive() {
        return ticks > 0;
    }

    /** The whole beat this point lies in, counted from 0. */
    public int wholeBeats() {
        return Math.floorDiv(ticks, TICKS_PER_BEAT);
    }

    /** How far past its whole beat this point lies. */
    public Beats fraction() {
        return new Beats(Math.floorMod(ticks, TICKS_PER_BEAT));
    }

    public double toDouble() {
        return (double) ticks / TICKS_PER_BEAT;
    }

    @Override
    public int compareTo(Beats other) {
        return Integer.compare(ticks, other.ticks);
    }

    /** Canonical text: {@code 1 1/2}. */
    /** For people: "1/2 beat", "1 beat", "1 1/2 beats". */
    public String wording() {
        return this + (ticks > 0 && ticks <= TICKS_PER_BEAT ? " beat" : " beats");
    }

    @Override
    public String toString() {
        String size = new Fraction(Math.abs(ticks), TICKS_PER_BEAT).toString();
        return ticks < 0 ? "-" + size : size;
    }
}
