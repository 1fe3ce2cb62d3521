package fluidframe.core.phrase;

import fluidframe.core.text.PlainText;
import java.util.List;

/**
 * Words of a cell that were not understood.
 *
 * @param from where they begin in the text
 * @param to where they end
 * @param text the words
 * @param nearest what they might have been, in shorthand, the likeliest first
 */
public record Leftover(int from, int to, String text, List<String> nearest) {

    public Leftover {
        nearest = List.copyOf(nearest);
    }

    /** The same words where they stand in what was written. */
    public Leftover in(PlainText plain) {
        return new Leftover(plain.from(from), plain.to(to), plain.written(from, to), nearest);
    }
}
