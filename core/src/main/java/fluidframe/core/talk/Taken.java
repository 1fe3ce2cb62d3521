package fluidframe.core.talk;

import fluidframe.core.notation.Place;
import fluidframe.core.text.PlainText;

/**
 * What was taken from some words.
 *
 * @param from where the words begin in the text
 * @param to where they end
 * @param place the cell or field they fill
 * @param text what stands there now
 * @param derived whether it was not said but follows: a side that was said before, the partner's opposite
 */
public record Taken(int from, int to, Place place, String text, boolean derived) {

    /** The same where the words stand in what was written. */
    Taken in(PlainText plain) {
        return new Taken(plain.from(from), plain.to(to), place, text, derived);
    }
}
