package fluidframe.core.compose;

import fluidframe.core.compose.MoveGraph.Edge;
import java.util.Arrays;

/**
 * The most points that can still come from every node, length, set of required figures and number of corners, repetition and room left out of account;
 * so it never says too little. Worked out from the longest length back, a length at a time.
 */
final class Outlook {

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

    Outlook(MoveGraph graph, Timeline timeline, int corners, Watch watch) {
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

    private int offset(int cornersLeft, int mask) {
        return (cornersLeft * masks + (mask & masks - 1)) * columns;
    }

    private int[] at(int length) {
        int[] found = new int[(corners + 1) * masks * columns];
        for (int cornersLeft = 0; cornersLeft <= corners; cornersLeft++) {
            for (int mask = 0; mask < masks; mask++) {
                boolean complete = length > 0 && length >= timeline.least() && mask == masks - 1 && cornersLeft == 0;
                int offset = offset(cornersLeft, mask);
                for (int column = 0; column < columns; column++) {
                    int alone = column < groups ? NEVER : found[offset + groupOf[column]];
                    int best = complete && arrives[column] ? Math.max(0, alone) : alone;
                    found[offset + column] = best(graph.columnEdges(column), best, length, mask, cornersLeft);
                }
            }
        }
        return found;
    }

    private int best(Edge[] edges, int known, int length, int mask, int cornersLeft) {
        int best = known;
        int limit = timeline.limit(length);
        for (Edge edge : edges) {
            int longer = length + edge.length();
            if (longer <= limit) {
                int gained = edge.points() + timeline.points(edge, length);
                int more = points[longer][offset(cornersLeft, mask | edge.bit()) + columnOf[edge.to()]];
                if (cornersLeft > 0) {
                    more = Math.max(more, points[longer][offset(cornersLeft - 1, mask | edge.bit()) + columnOf[edge.toRoundCorner()]]);
                }
                if (more > NEVER && gained + more > best) {
                    best = gained + more;
                }
            }
        }
        return best;
    }

    /** {@link #NEVER} if the wish cannot be met from here. */
    int at(int node, int length, int mask, int cornersLeft) {
        return points[length][offset(cornersLeft, mask) + columnOf[node]];
    }
}
