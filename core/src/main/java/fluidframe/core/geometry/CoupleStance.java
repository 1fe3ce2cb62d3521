package fluidframe.core.geometry;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.space.Point;

/** Both dancers at one moment. */
public record CoupleStance(Stance man, Stance lady) {

    /** The couple standing with feet together, the man at a point, the lady where the position says. */
    public static CoupleStance standing(Relation relation, Point man, double angle) {
        Point lady = man.plus(relation.ladyFromMan().rotated(angle));
        return new CoupleStance(
                Stance.standing(man, angle),
                Stance.standing(lady, angle + relation.position().facing().radians()));
    }

    public Stance of(Part part) {
        return part == Part.MAN ? man : lady;
    }
}
