package fluidframe.core.music;

import fluidframe.core.time.Beats;
import java.util.Map;

/**
 * A dance's rhythm as a small band plays it: a pattern for each instrument. From common knowledge of how each dance's
 * music goes; only what makes it feel like the dance.
 *
 * <p>A pattern has one letter for each slot and goes round: {@code X} accented, {@code x} played, {@code o} soft,
 * {@code 1} the root and {@code 5} the fifth of the chord, a dot for nothing.
 *
 * @param slots slots to a beat
 * @param minor whether the chords are those of a minor key
 * @param drums what is struck
 * @param bass the bass line
 * @param chords when the chord is struck
 */
public record Groove(int slots, boolean minor, Map<Percussion, String> drums, String bass, String chords) {

    /** @throws IllegalArgumentException if a beat is not divided evenly, or if nothing is ever played */
    public Groove {
        if (slots < 1
                || Beats.TICKS_PER_BEAT % slots != 0
                || bass.isEmpty()
                || chords.isEmpty()
                || drums.values().stream().anyMatch(String::isEmpty)) {
            throw new IllegalArgumentException(MusicSentences.aGrooveDividesTheBeatEvenly());
        }
        drums = Map.copyOf(drums);
    }
}
