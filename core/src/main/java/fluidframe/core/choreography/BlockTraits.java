package fluidframe.core.choreography;

import fluidframe.core.amalgamation.AmalgamationUse;
import java.util.Set;

/**
 * What is counted of a block whatever comes before and after it.
 *
 * @param uses what it is good for in a routine
 * @param energy from 1, which stands or breathes, to 5, which is the peak
 * @param level the hardest of its figures, by number
 * @param topTicks how long figures of the highest level asked for last
 * @param turned how far the man turns in all, sixteenths to the left
 * @param turning the same without its sense, each figure by itself
 * @param herWork how much is asked of the lady, in whole turns and steps of hers
 * @param opensClosed whether it begins in a closed hold
 * @param endsClosed whether it ends in one
 * @param required which of what must come is in it, each a bit
 * @param favourites how many of its figures are danced gladly
 */
record BlockTraits(
        Set<AmalgamationUse> uses,
        double energy,
        int level,
        int topTicks,
        int turned,
        int turning,
        double herWork,
        boolean opensClosed,
        boolean endsClosed,
        int required,
        int favourites) {

    boolean is(AmalgamationUse use) {
        return uses.contains(use);
    }
}
