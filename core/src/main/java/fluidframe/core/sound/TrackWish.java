package fluidframe.core.sound;

import fluidframe.core.couple.Part;
import fluidframe.core.time.Beats;

/**
 * What is to be heard.
 *
 * @param from beats from the start of the routine
 * @param to where it ends
 * @param countInBars whole bars of count-in; a stretch that begins inside a bar is counted in through the beats before
 *     it as well. None if zero
 * @param counted whose steps are counted
 * @param counting what is said
 * @param clicks gain of the clicks, from 0 to 1; none if zero
 * @param voice gain of the spoken count
 * @param music gain of the accompaniment
 */
public record TrackWish(
        Beats from,
        Beats to,
        int countInBars,
        Part counted,
        Counting counting,
        double clicks,
        double voice,
        double music) {

    public static final int MOST_COUNT_IN_BARS = 4;

    /** @throws IllegalArgumentException naming what cannot be */
    public TrackWish {
        if (from.compareTo(Beats.ZERO) < 0 || to.compareTo(from) <= 0) {
            throw new IllegalArgumentException(SoundSentences.aStretchFromBeatToBeat(from, to));
        }
        if (countInBars < 0 || countInBars > MOST_COUNT_IN_BARS) {
            throw new IllegalArgumentException(SoundSentences.aCountInOfBarsExpected(countInBars, MOST_COUNT_IN_BARS));
        }
        for (double gain : new double[] {clicks, voice, music}) {
            if (!(gain >= 0 && gain <= 1)) {
                throw new IllegalArgumentException(SoundSentences.aGainOfExpected0To(gain));
            }
        }
    }

    /** The whole of something, clicked and counted, with two bars before it. */
    public static TrackWish whole(Beats length) {
        return new TrackWish(Beats.ZERO, length, 2, Part.MAN, Counting.STEPS, 1, 1, 0);
    }
}
