package fluidframe.core.compose;

import fluidframe.core.figure.Way;
import fluidframe.core.link.Move;
import fluidframe.core.link.Repertoire;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;

/**
 * How many corners a composition is likely to turn: as many sides as its figures cover in that time, going by what they
 * usually cover.
 */
public final class LikelyCorners {

    private static final double CENTIMETRES = 100;
    /** Counts so far from the likely one are tried too. */
    private static final int FARTHEST = 2;

    private LikelyCorners() {}

    /**
     * The likeliest number first, then its neighbours.
     *
     * @param length how long the composition is, beats
     * @param side how far the couple may travel along a side, metres, by its number from 0
     */
    public static List<Integer> of(Repertoire repertoire, Beats length, IntToDoubleFunction side) {
        double left = metresABeat(repertoire) * length.toDouble();
        int likely = 0;
        while (likely < Wish.MOST_CORNERS && left > side.applyAsDouble(likely)) {
            left -= side.applyAsDouble(likely);
            likely++;
        }
        List<Integer> counts = new ArrayList<>(List.of(likely));
        for (int off = 1; off <= FARTHEST; off++) {
            if (likely - off >= 0) {
                counts.add(likely - off);
            }
            if (likely + off <= Wish.MOST_CORNERS) {
                counts.add(likely + off);
            }
        }
        return counts;
    }

    private static double metresABeat(Repertoire repertoire) {
        Ground ground = new Ground();
        double centimetres = 0;
        double beats = 0;
        for (Move move : repertoire.beginnings()) {
            if (move.dancing().way().equals(Way.AS_CHARTED)) {
                centimetres += Math.max(0, ground.covered(move));
                beats += move.dancing().length().toDouble();
            }
        }
        return beats == 0 ? 0 : centimetres / CENTIMETRES / beats;
    }
}
