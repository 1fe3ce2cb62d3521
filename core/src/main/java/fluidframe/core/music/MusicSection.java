package fluidframe.core.music;

/**
 * A part of a piece of music.
 *
 * @param bar the bar it begins with, from 1
 * @param title what it is called; may be empty
 */
public record MusicSection(int bar, String title) {

    /** @throws IllegalArgumentException if there is no such bar */
    public MusicSection {
        if (bar < 1) {
            throw new IllegalArgumentException(MusicSentences.aSectionBeginningWithBarBars(bar));
        }
    }
}
