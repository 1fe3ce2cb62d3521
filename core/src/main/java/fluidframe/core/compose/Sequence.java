package fluidframe.core.compose;

import fluidframe.core.compose.MoveGraph.Edge;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A sequence begun: the move danced last, and the sequence before it. A whole sequence that has been given the points
 * of its last side has no move of its own.
 *
 * @param edge the move danced last; null at the start and at the end
 * @param corner whether a corner is turned after it
 * @param node where that leaves the couple
 * @param length units
 * @param mask the required figures that have come
 * @param corners how many corners are still to be turned
 * @param covered centimetres along this side
 * @param promise its points and those that could still come
 * @param pairs which figures have followed which, as bits that may stand for several pairs
 * @param shared for each answer found before, units of it that are danced here too
 * @param order when it was thought of
 */
record Sequence(
        Sequence before,
        Edge edge,
        boolean corner,
        int node,
        int length,
        int mask,
        int corners,
        int covered,
        int points,
        int promise,
        long pairs,
        int[] shared,
        long order) {

    static Sequence starting(int node, int corners, int promise, int answers) {
        return new Sequence(null, null, false, node, 0, 0, corners, 0, 0, promise, 0, new int[answers], 0);
    }

    Sequence ended(int sidePoints, long at) {
        return new Sequence(
                this,
                null,
                false,
                node,
                length,
                mask,
                corners,
                covered,
                points + sidePoints,
                points + sidePoints,
                pairs,
                shared,
                at);
    }

    boolean hasEnded() {
        return edge == null && before != null;
    }

    int onset() {
        return length - edge.length();
    }

    /** The moves of which it was made, the last first, back to one that began before a window of so many units. */
    List<Sequence> within(int window) {
        List<Sequence> moves = new ArrayList<>();
        for (Sequence each = this;
                each != null && each.edge != null && length - each.onset() < window;
                each = each.before) {
            moves.add(each);
        }
        return moves;
    }

    /** Whether the last so many moves were all this figure. */
    boolean danced(int figure, int running) {
        Sequence each = this;
        for (int i = 0; i < running; i++) {
            if (each == null || each.edge == null || each.edge.figure() != figure) {
                return false;
            }
            each = each.before;
        }
        return true;
    }

    /** Whether a figure has already come straight after the one danced last. */
    boolean echoes(int next) {
        if ((pairs & pair(edge.figure(), next)) == 0) {
            return false;
        }
        for (Sequence each = this; each.before != null && each.before.edge != null; each = each.before) {
            if (each.edge.figure() == next && each.before.edge.figure() == edge.figure()) {
                return true;
            }
        }
        return false;
    }

    /** The pairs that have come once a figure follows. */
    long pairsWith(int next) {
        return edge == null ? pairs : pairs | pair(edge.figure(), next);
    }

    private static long pair(int figure, int next) {
        return 1L << (31 * figure + next);
    }

    /** Units since the last corner, or since the beginning. */
    int sinceCorner() {
        Sequence each = this;
        while (each != null && each.edge != null && !each.corner) {
            each = each.before;
        }
        return length - (each == null ? 0 : each.length);
    }

    /** Every move in the order danced. */
    List<Sequence> moves() {
        List<Sequence> moves = within(Integer.MAX_VALUE);
        Collections.reverse(moves);
        return moves;
    }

    /** How often a figure begins in the last so many units. */
    int times(int figure, int window) {
        int count = 0;
        for (Sequence each = this;
                each != null && each.edge != null && length - each.onset() < window;
                each = each.before) {
            count += each.edge.figure() == figure ? 1 : 0;
        }
        return count;
    }
}
