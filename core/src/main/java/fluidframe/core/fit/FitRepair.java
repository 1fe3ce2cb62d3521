package fluidframe.core.fit;

import fluidframe.core.link.Item;
import fluidframe.core.piece.MusicCut;
import java.util.List;
import java.util.Optional;

/**
 * A way of mending a misfit.
 *
 * @param sentence what to do, in one sentence
 * @param from     the first passage that is replaced
 * @param to       the passage after the last of them; the same as {@code from} where something is only put in
 * @param danced   what is danced instead
 * @param corners  of those, which turn a corner after them
 * @param cut      a cut of the music, where that is what mends it
 * @param points   what the composer gives it; the more the better
 */
public record FitRepair(String sentence, int from, int to, List<Item> danced, List<Integer> corners, Optional<MusicCut> cut, int points) {

    public FitRepair {
        danced = List.copyOf(danced);
        corners = List.copyOf(corners);
    }
}
