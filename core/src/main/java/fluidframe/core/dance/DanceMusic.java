package fluidframe.core.dance;

import fluidframe.core.music.Accent;
import fluidframe.core.music.Groove;
import java.util.List;

/**
 * The music a dance is danced to.
 *
 * @param groove how a small band plays it
 * @param accents how strongly each beat of the bar is felt
 * @param phraseBars how many bars a phrase usually has
 * @param countIn how many bars are counted in where nothing else is asked
 */
public record DanceMusic(Groove groove, List<Accent> accents, int phraseBars, int countIn) {

    public DanceMusic {
        accents = List.copyOf(accents);
    }

    /** The usual: phrases of eight bars, two bars counted in. */
    public static DanceMusic of(Groove groove, int beatsPerBar) {
        return new DanceMusic(groove, Accent.ofBar(beatsPerBar), 8, 2);
    }
}
