package fluidframe.core.piece;

import fluidframe.core.music.MusicMap;
import fluidframe.core.time.Beats;

/**
 * A piece that is danced to, and from where.
 *
 * @param from the bar of the piece on which bar 1 of the routine falls
 */
public record Laying(Piece piece, int from) {

    /** @throws IllegalArgumentException if the piece has no such bar */
    public Laying {
        if (from < 1 || from > piece.bars()) {
            throw new IllegalArgumentException(PieceSentences.fromBarOfItHasBars(from, piece.title(), piece.bars()));
        }
    }

    /** The piece as it is heard from there on. */
    public MusicMap map() {
        return piece.map().from(from);
    }

    /** Beats from the first bar line of the piece to bar 1 of the routine. */
    public Beats begins() {
        return piece.bar().times(from - 1);
    }
}
