package fluidframe.core.choreography;

import fluidframe.core.room.RoomReport;
import fluidframe.core.routine.Floor;
import fluidframe.core.space.Point;

/**
 * Where the man stands on the floor, as it is seen from the side of the room that is danced along.
 *
 * @param along metres from the corner behind
 * @param across metres from the wall
 * @param side counted from 0, one more after every corner
 */
record Stand(double along, double across, int side) {

    /** Nearer to a wall than this, metres, and the couple are cramped. */
    private static final double CRAMPED = 0.8;

    static Stand at(Point place, int side, Floor floor) {
        return switch (side % 4) {
            case 0 -> new Stand(place.x(), place.y(), side);
            case 1 -> new Stand(place.y(), floor.length() - place.x(), side);
            case 2 -> new Stand(floor.length() - place.x(), floor.width() - place.y(), side);
            default -> new Stand(floor.width() - place.y(), place.x(), side);
        };
    }

    private Point place(double atAlong, double atAcross, Floor floor) {
        return switch (side % 4) {
            case 0 -> new Point(atAlong, atAcross);
            case 1 -> new Point(floor.length() - atAcross, atAlong);
            case 2 -> new Point(floor.length() - atAlong, floor.width() - atAcross);
            default -> new Point(atAcross, floor.width() - atAlong);
        };
    }

    Point place(Floor floor) {
        return place(along, across, floor);
    }

    Stand acrossBy(double metres) {
        return new Stand(along, across + metres, side);
    }

    static double length(int side, Floor floor) {
        return side % 2 == 0 ? floor.length() : floor.width();
    }

    /** Metres that can still be travelled along this side. */
    double ahead(Floor floor) {
        return floor.ahead(place(along, across, floor), side);
    }

    Stand after(Leg leg) {
        return new Stand(along + leg.end().x(), across + leg.end().y(), side);
    }

    Stand roundCorner(Floor floor) {
        return new Stand(across, length(side, floor) - along, side + 1);
    }

    /** @param care metres by which a way put together from figures danced by themselves may miss the real one */
    boolean hasRoomFor(Leg leg, Floor floor, double care) {
        double kept = RoomReport.ELBOW_ROOM + care;
        boolean within = leg.leastAlong() + along >= kept
                && leg.mostAlong() + along <= length(side, floor) - kept
                && leg.leastAcross() + across >= kept
                && leg.mostAcross() + across <= length(side + 1, floor) - kept;
        return within && (floor.obstacles().isEmpty() || goesClear(leg, floor, kept));
    }

    private boolean goesClear(Leg leg, Floor floor, double kept) {
        return leg.bodies().stream()
                .map(body -> place(along + body.x(), across + body.y(), floor))
                .noneMatch(place -> floor.obstacles().stream().anyMatch(obstacle -> obstacle.distanceTo(place) < kept));
    }

    boolean isCrampedBy(Leg leg, Floor floor) {
        return leg.leastAcross() + across < CRAMPED
                || leg.mostAlong() + along > length(side, floor) - CRAMPED
                || leg.mostAcross() + across > length(side + 1, floor) - CRAMPED;
    }
}
