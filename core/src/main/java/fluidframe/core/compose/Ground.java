package fluidframe.core.compose;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.geometry.CoupleFit;
import fluidframe.core.geometry.CoupleStance;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Move;
import fluidframe.core.space.Point;
import java.util.HashMap;
import java.util.Map;

/** How far figures carry the couple along the line of dance; each figure's way over the floor is solved once. */
public final class Ground {

    private static final int CENTIMETRES = 100;

    private final Map<Dancing, Point> carried = new HashMap<>();

    /** Centimetres along the line of dance, less than nothing against it. */
    public int covered(Move move) {
        Dancing dancing = move.dancing();
        Point asCharted = carried.computeIfAbsent(dancing, each -> carried(each.danced()));
        double turnedBy = dancing.danced().startHeading().turnTo(move.facing()).radians();
        return (int) Math.round(asCharted.rotated(turnedBy).x() * CENTIMETRES);
    }

    static int centimetres(double metres) {
        return (int) Math.round(metres * CENTIMETRES);
    }

    private static Point carried(Figure figure) {
        CoupleStances stances = CoupleFit.solve(figure, figure.timing(Part.MAN), figure.timing(Part.LADY));
        return middle(stances.end()).minus(middle(stances.start()));
    }

    private static Point middle(CoupleStance stance) {
        return stance.man().body().midpoint(stance.lady().body());
    }
}
