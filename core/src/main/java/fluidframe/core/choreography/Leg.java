package fluidframe.core.choreography;

import fluidframe.core.space.Point;
import java.util.List;

/**
 * The ground trodden between two corners, metres along and across the side from where the man begins it.
 *
 * @param bodies both bodies after every row
 * @param end where the man ends
 */
record Leg(List<Point> bodies, Point end, double leastAlong, double mostAlong, double leastAcross, double mostAcross) {

    static Leg of(List<Point> bodies, Point end) {
        double leastAlong = 0;
        double mostAlong = 0;
        double leastAcross = 0;
        double mostAcross = 0;
        for (Point body : bodies) {
            leastAlong = Math.min(leastAlong, body.x());
            mostAlong = Math.max(mostAlong, body.x());
            leastAcross = Math.min(leastAcross, body.y());
            mostAcross = Math.max(mostAcross, body.y());
        }
        return new Leg(List.copyOf(bodies), end, leastAlong, mostAlong, leastAcross, mostAcross);
    }
}
