package fluidframe.core.piece;

import fluidframe.core.phrase.Leftover;
import java.util.List;
import java.util.Optional;

/**
 * What was read of a piece that was written as a line.
 *
 * @param title what the line calls it
 * @param piece the piece; empty as long as no bars or no tempo are known
 * @param sentences what was found that cannot be, and what is kept of it
 * @param leftovers words that were not understood
 */
public record PieceLine(
        Optional<String> title, Optional<Piece> piece, List<String> sentences, List<Leftover> leftovers) {

    public PieceLine {
        sentences = List.copyOf(sentences);
        leftovers = List.copyOf(leftovers);
    }
}
