package fluidframe.core.room;

import fluidframe.core.routine.Floor;
import fluidframe.core.space.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * The way the middle of a couple takes over the floor, simplified so that it can be drawn small: metres, in the room's
 * own directions.
 *
 * @param floor where it is danced
 * @param points from the first beat to the last; none for an empty routine
 */
public record FloorWay(Floor floor, List<Point> points) {

    /** Metres that a point left out lies off the line at most: in a picture as wide as a thumb nobody sees them. */
    private static final double TOLERANCE = 0.2;

    /** Spots left out in a row at most, so that a long stand does not cost the square of its length: sixteen beats. */
    private static final int MOST_LEFT_OUT = 64;

    public FloorWay {
        points = List.copyOf(points);
    }

    static FloorWay of(Floor floor, CouplePath path) {
        List<Point> walked = path.spots().stream().map(CouplePath.Spot::centre).toList();
        List<Point> kept = new ArrayList<>();
        if (!walked.isEmpty()) {
            kept.add(walked.get(0));
            int from = 0;
            for (int to = 2; to < walked.size(); to++) {
                if (to - from > MOST_LEFT_OUT || leavesOutTooMuch(walked, from, to)) {
                    from = to - 1;
                    kept.add(walked.get(from));
                }
            }
            kept.add(walked.get(walked.size() - 1));
        }
        return new FloorWay(floor, kept);
    }

    private static boolean leavesOutTooMuch(List<Point> walked, int from, int to) {
        return walked.subList(from + 1, to).stream()
                .anyMatch(point -> offLine(point, walked.get(from), walked.get(to)) > TOLERANCE);
    }

    /** Metres from a point to the straight piece between two others. */
    private static double offLine(Point point, Point from, Point to) {
        double length = from.distanceTo(to);
        if (length == 0) {
            return point.distanceTo(from);
        }
        double along = ((point.x() - from.x()) * (to.x() - from.x()) + (point.y() - from.y()) * (to.y() - from.y()))
                / (length * length);
        double share = Math.max(0, Math.min(1, along));
        return point.distanceTo(
                new Point(from.x() + share * (to.x() - from.x()), from.y() + share * (to.y() - from.y())));
    }
}
