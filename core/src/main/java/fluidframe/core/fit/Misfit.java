package fluidframe.core.fit;

import fluidframe.core.piece.Hit;
import fluidframe.core.time.Beats;

/** Something in which a routine and its piece do not agree. */
public sealed interface Misfit {

    /** The piece ends before the routine. */
    record TooLong(Beats by) implements Misfit {}

    /** Music is left when the routine has ended. */
    record TooShort(Beats left) implements Misfit {}

    /**
     * A figure is under way where a phrase begins.
     *
     * @param bar the bar of the piece in which the phrase begins
     * @param section whether a section begins there too
     * @param passage what is danced over it
     * @param before how long before the bar line it began
     * @param after how long after it ends
     */
    record Straddles(int bar, boolean section, int passage, Beats before, Beats after) implements Misfit {}

    /**
     * A highlight that no hit meets.
     *
     * @param away how long after the nearest hit it begins; less than zero if before
     */
    record HighlightOffHit(int passage, Hit nearest, Beats away) implements Misfit {}

    /** The piece goes at a tempo at which the dance is not usually danced. */
    record UnusualTempo(double barsPerMinute) implements Misfit {}

    /** The piece was not noted down for this dance. */
    record OtherDance(String dance) implements Misfit {}
}
