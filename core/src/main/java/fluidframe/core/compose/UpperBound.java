package fluidframe.core.compose;

import fluidframe.core.compose.MoveGraph.Edge;
import java.util.Arrays;

/**
 * The most points that can still come from every node, length, set of required figures and number of corners,
 * repetition and room left out of account; so it never says too little. Worked out from the longest length back, a
 * length at a time.
 */
final class UpperBound {

    /** Says that the wish cannot be met from here. */
    static final int NEVER = Integer.MIN_VALUE / 4;
    /** With more than so many numbers to remember, some required figures are left out of account. */
    private static final long MOST_REMEMBERED = 40_000_000;

    private final MoveGraph graph;
    private final Timeline timeline;
    private final int corners;
    private final int masks;
    private final int columns;
    private final int groups;
    private final int[] groupOf;
    private final int[] columnOf;
    private final boolean[] arrives;
    private final int[][] points;

    UpperBound(MoveGraph graph, Timeline timeline, int corners, Watch watch) {
        this.graph = graph;
        this.timeline = timeline;
        this.corners = corners;
        this.columns = graph.columnCount();
        this.groups = graph.groups();
        this.masks = masks();
        this.columnOf = new int[graph.nodeCount()];
        this.groupOf = new int[columns];
        this.arrives = new boolean[columns];
        for (int node = 0; node < columnOf.length; node++) {
            int column = graph.column(node);
            columnOf[node] = column;
            groupOf[column] = graph.groupOf(node);
            arrives[column] = graph.arrives(node);
        }
        this.points = new int[timeline.most() + 1][];
        for (int length = timeline.most(); length >= 0; length--) {
            points[length] = watch.stops() ? nothing() : at(length);
        }
    }

    private int masks() {
        int counted = 1 << graph.required();
        while (counted > 1 && (long) counted * columns * (corners + 1) * (timeline.most() + 1) > MOST_REMEMBERED) {
            counted /= 2;
        }
        return counted;
    }

    private int[] nothing() {
        int[] nothing = new int[(corners + 1) * masks * columns];
        Arrays.fill(nothing, NEVER);
        return nothing;
    }

    /** Where the numbers of a column begin, one for each set of required figures. */
    private int offset(int column, int cornersLeft) {
        return (column * (corners + 1) + cornersLeft) * masks;
    }

    private int[] at(int length) {
        int[] found = nothing();
        boolean longEnough = length > 0 && length >= timeline.least();
        for (int column = 0; column < columns; column++) {
            for (int cornersLeft = 0; cornersLeft <= corners; cornersLeft++) {
                int offset = offset(column, cornersLeft);
                if (column >= groups) {
                    System.arraycopy(found, offset(groupOf[column], cornersLeft), found, offset, masks);
                }
                if (longEnough && cornersLeft == 0 && arrives[column]) {
                    found[offset + masks - 1] = Math.max(0, found[offset + masks - 1]);
                }
                for (Edge edge : graph.columnEdges(column)) {
                    dance(edge, length, cornersLeft, found, offset);
                }
            }
        }
        return found;
    }

    private void dance(Edge edge, int length, int cornersLeft, int[] found, int offset) {
        int longer = length + edge.length();
        if (longer <= timeline.limit(length)) {
            int gained = edge.points() + timeline.points(edge, length);
            improve(found, offset, gained, edge.bit(), points[longer], offset(columnOf[edge.to()], cornersLeft));
            if (cornersLeft > 0) {
                improve(
                        found,
                        offset,
                        gained,
                        edge.bit(),
                        points[longer],
                        offset(columnOf[edge.toRoundCorner()], cornersLeft - 1));
            }
        }
    }

    /**
     * For every set of required figures: what was found, or what is gained and can be reached beyond, whichever is
     * more.
     */
    private void improve(int[] found, int offset, int gained, int bit, int[] beyond, int from) {
        int counted = bit & masks - 1;
        for (int mask = 0; mask < masks; mask++) {
            int more = beyond[from + (mask | counted)];
            if (more > NEVER && gained + more > found[offset + mask]) {
                found[offset + mask] = gained + more;
            }
        }
    }

    /** {@link #NEVER} if the wish cannot be met from here. */
    int at(int node, int length, int mask, int cornersLeft) {
        return points[length][offset(columnOf[node], cornersLeft) + (mask & masks - 1)];
    }
}
