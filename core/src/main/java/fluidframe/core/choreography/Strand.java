package fluidframe.core.choreography;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A routine begun: a block, and all that was set before it.
 *
 * @param before what was set before; null where nothing was
 * @param block what was set last; null where nothing was
 * @param corner whether a corner is turned after it
 * @param node how that leaves the couple
 * @param ticks how long it is
 * @param stand where the man stands then
 * @param corners how many corners have been turned
 * @param required which of what must come has come, each a bit
 * @param counts what the scorecard counts as it goes
 * @param pieces how many figures and elements it has
 * @param shared for each other answer how long it is the same, and then for each how many of its figures it has too
 * @param points what it has
 */
record Strand(
        Strand before,
        Block block,
        boolean corner,
        Node node,
        int ticks,
        Stand stand,
        int corners,
        int required,
        Counts counts,
        int pieces,
        int[] shared,
        double points) {

    /**
     * @param topTicks how long figures of the highest level were danced
     * @param turned how far the man has turned in all, sixteenths to the left
     * @param sameWay how many blocks running turned the same way: more than 0 to the left, less to the right
     * @param highlights how many there were
     * @param highlightEnd when the last of them ended
     * @param cornerAt when the last corner was turned
     * @param joins how many blocks running only joined
     * @param joinTicks how long all that only join lasted
     */
    record Counts(
            int topTicks,
            int turned,
            int sameWay,
            int highlights,
            int highlightEnd,
            int cornerAt,
            int joins,
            int joinTicks) {

        static final Counts NONE = new Counts(0, 0, 0, 0, Integer.MIN_VALUE / 2, 0, 0, 0);
    }

    boolean isEmpty() {
        return block == null;
    }

    int onset() {
        return ticks - block.ticks();
    }

    /** All of it in the order danced. */
    List<Strand> strands() {
        List<Strand> all = new ArrayList<>();
        for (Strand each = this; each != null && !each.isEmpty(); each = each.before) {
            all.add(each);
        }
        Collections.reverse(all);
        return all;
    }
}
