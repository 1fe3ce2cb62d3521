package fluidframe.core.compose;

import fluidframe.core.compose.MoveGraph.Edge;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A sequence begun: the move danced last, and the sequence before it. A whole sequence that has been given the points of its last side has no move of its own.
 *
 * @param edge    the move danced last; null at the start and at the end
 * @param corner  whether a corner is turned after it
 * @param node    where that leaves the couple
 * @param length  units
 * @param mask    the required figures that have come
 * @param corners how many corners are still to be turned
 * @param covered centimetres along this side
 * @param promise its points and those that could still come
 * @param order   when it was thought of
 */
record Sequence(Sequence before, Edge edge, boolean corner, int node, int length, int mask, int corners, int covered, int points, int promise, long order) {

    static Sequence starting(int node, int corners, int promise) {
        return new Sequence(null, null, false, node, 0, 0, corners, 0, 0, promise, 0);
    }

    Sequence ended(int sidePoints, long at) {
        return new Sequence(this, null, false, node, length, mask, corners, covered, points + sidePoints, points + sidePoints, at);
    }

    boolean hasEnded() {
        return edge == null && before != null;
    }

    int onset() {
        return length - edge.length();
    }

    String figure() {
        return edge.move().dancing().figure().id();
    }

    /** The moves of which it was made, the last first, back to one that began before a window of so many units. */
    List<Sequence> within(int window) {
        List<Sequence> moves = new ArrayList<>();
        for (Sequence each = this; each != null && each.edge != null && length - each.onset() < window; each = each.before) {
            moves.add(each);
        }
        return moves;
    }

    /** Every move in the order danced. */
    List<Sequence> moves() {
        List<Sequence> moves = within(Integer.MAX_VALUE);
        Collections.reverse(moves);
        return moves;
    }

    /** How often a figure begins in the last so many units. */
    int times(String figure, int window) {
        int count = 0;
        for (Sequence each = this; each != null && each.edge != null && length - each.onset() < window; each = each.before) {
            count += each.figure().equals(figure) ? 1 : 0;
        }
        return count;
    }
}
