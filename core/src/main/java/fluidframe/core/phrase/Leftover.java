package fluidframe.core.phrase;

import java.util.List;

/**
 * Words of a cell that were not understood.
 *
 * @param from    where they begin in the text
 * @param to      where they end
 * @param text    the words
 * @param nearest what they might have been, in shorthand, the likeliest first
 */
public record Leftover(int from, int to, String text, List<String> nearest) {

    public Leftover {
        nearest = List.copyOf(nearest);
    }
}
