package fluidframe.core.couple;

import fluidframe.core.space.Point;

/**
 * How the couple stand to each other at one moment.
 *
 * @param position where the lady stands to the man
 * @param hold which hands hold what
 * @param proximity how near they keep
 */
public record Relation(Position position, Hold hold, Proximity proximity) {

    /** Extended couples may stand a third beyond the position's farthest. */
    private static final double EXTENSION = 4.0 / 3;
    /** In contact the bodies are a fifth of the band from the nearest, extended four fifths. */
    private static final double NEAR = 0.2;

    private static final double FAR = 0.8;

    public static Relation of(Position position, Hold hold) {
        return new Relation(position, hold, Proximity.CLOSE);
    }

    public Relation with(RelationChange change) {
        return new Relation(
                change.position().orElse(position),
                change.hold().orElse(hold),
                change.proximity().orElse(proximity));
    }

    public Relation with(Position other) {
        return new Relation(other, hold, proximity);
    }

    /** Greatest distance of the body centres, metres. */
    public double farthest() {
        return proximity == Proximity.EXTENDED ? position.farthest() * EXTENSION : position.farthest();
    }

    /** Where the lady stands, in metres, with the man at the origin looking along x. */
    public Point ladyFromMan() {
        Point usual = position.ladyFromMan();
        return switch (proximity) {
            case CLOSE -> usual;
            case CONTACT -> usual.times(at(NEAR) / usual.length());
            case EXTENDED -> usual.times(at(FAR) / usual.length());
        };
    }

    private double at(double share) {
        return position.nearest() + share * (position.farthest() - position.nearest());
    }

    @Override
    public String toString() {
        return position + ", hold " + hold + (proximity == Proximity.CLOSE ? "" : ", " + proximity);
    }
}
