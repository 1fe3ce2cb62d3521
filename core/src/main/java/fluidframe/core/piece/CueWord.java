package fluidframe.core.piece;

import fluidframe.core.time.Beats;

/**
 * Words that are sung, by which the couple know where they are.
 *
 * @param at beats from the first bar line
 */
public record CueWord(Beats at, String words) {

    public static final int MOST_LETTERS = 80;

    /** @throws IllegalArgumentException if there are none, or more than a glance takes in */
    public CueWord {
        if (words.isBlank() || words.length() > MOST_LETTERS) {
            throw new IllegalArgumentException(PieceSentences.cueWordsOfLettersExpected1(words.length(), MOST_LETTERS));
        }
    }
}
