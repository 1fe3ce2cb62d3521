package fluidframe.core.dance;

import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Tempo;

/**
 * One dance, with everything that rules, music and views ask of it.
 *
 * @param id stable name used in books and addresses, for example {@code waltz}
 * @param title name for people
 * @param style its family
 * @param rhythm how it counts
 * @param slowest lower end of the usual tempo range
 * @param fastest upper end of the usual tempo range
 * @param travels whether it goes round the room, so that alignments bind; otherwise it stays on the spot
 * @param technique what the rules of technique ask of it
 * @param music the music it is danced to
 * @param stepLength metres of an ordinary forward step of a dancer 1.75 m tall, from common teaching practice
 */
public record Dance(
        String id,
        String title,
        Style style,
        Rhythm rhythm,
        Tempo slowest,
        Tempo fastest,
        boolean travels,
        Technique technique,
        DanceMusic music,
        double stepLength) {

    /** Bars a minute that music may be off the usual range: nobody hears half a bar. */
    private static final double HEARD = 0.5;

    /** @throws IllegalArgumentException if it has not one accent for each beat of the bar */
    public Dance {
        if (music.accents().size() != rhythm.beatsPerBar()) {
            throw new IllegalArgumentException(title + " has " + rhythm.beatsPerBar()
                    + " beats to the bar and accents for " + music.accents().size());
        }
    }

    /** Whether music of so many bars a minute is within the usual tempo range. */
    public boolean isUsualAt(double barsPerMinute) {
        return barsPerMinute >= slowest.barsPerMinute() - HEARD && barsPerMinute <= fastest.barsPerMinute() + HEARD;
    }
}
