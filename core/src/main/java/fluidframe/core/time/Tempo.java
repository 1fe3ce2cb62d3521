package fluidframe.core.time;

/**
 * How fast the music goes.
 *
 * @param barsPerMinute from 1 to 400
 */
public record Tempo(int barsPerMinute) {

    public static final int SLOWEST = 1;
    public static final int FASTEST = 400;

    public Tempo {
        if (barsPerMinute < SLOWEST || barsPerMinute > FASTEST) {
            throw new IllegalArgumentException(TimeSentences.aTempoOfBarsAMinute(barsPerMinute));
        }
    }

    /** Seconds from one point to a later one. */
    public double seconds(Rhythm rhythm, Beats length) {
        return length.toDouble() * 60 / (barsPerMinute * rhythm.beatsPerBar());
    }
}
