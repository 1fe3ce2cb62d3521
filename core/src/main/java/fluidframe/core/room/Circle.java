package fluidframe.core.room;

import fluidframe.core.couple.Part;
import fluidframe.core.space.Point;
import java.util.Optional;

/**
 * A figure in which the couple go round a centre.
 *
 * @param placement index of the figure
 * @param centre of both circles
 * @param man radius of his, metres
 * @param lady radius of hers
 */
public record Circle(int placement, Point centre, double man, double lady) {

    private static final double ALIKE = 0.1;

    /** Who goes round inside; neither, if both are about as far out. */
    public Optional<Part> inside() {
        return Math.abs(man - lady) < ALIKE ? Optional.empty() : Optional.of(man < lady ? Part.MAN : Part.LADY);
    }
}
