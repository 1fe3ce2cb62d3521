package fluidframe.core.fit;

import fluidframe.core.piece.Piece;
import fluidframe.core.time.Beats;
import java.util.List;

/**
 * What is danced in a section of the piece.
 *
 * @param section the section
 * @param passages what begins in it
 * @param danced beats of it that are danced to
 * @param silent beats of it that are not, before the routine or after it
 * @param seconds how long it lasts
 */
public record SectionFit(Piece.Begun section, List<Integer> passages, Beats danced, Beats silent, double seconds) {

    public SectionFit {
        passages = List.copyOf(passages);
    }
}
