package fluidframe.core.fit;

import fluidframe.core.piece.MusicCut;
import fluidframe.core.replacing.Replacement;
import fluidframe.core.replacing.Rewritten;

/** A way of mending a misfit. */
public sealed interface FitRepair {

    /** What to do, in one sentence. */
    String sentence();

    /** Something else is danced. */
    record Danced(String sentence, Replacement replacement, Rewritten rewritten) implements FitRepair {}

    /** Bars of the music are left out. */
    record Cut(String sentence, MusicCut cut) implements FitRepair {}

    /**
     * The piece is played slower or faster.
     *
     * @param factor of 1.05 five hundredths faster
     */
    record Paced(String sentence, double factor) implements FitRepair {}
}
