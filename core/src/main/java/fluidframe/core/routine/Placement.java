package fluidframe.core.routine;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.figure.Ways;
import fluidframe.core.space.Alignment;
import java.util.Optional;

/**
 * One figure in a routine.
 *
 * @param figure      the figure in the book
 * @param way         how it is danced here
 * @param danced      the figure that makes
 * @param start       the man's alignment it starts on here; empty to take the nearest it may start on
 * @param cornerAfter whether the couple turn a corner of the room after it
 * @param highlight   whether it should catch the eye
 * @param note        anything the coach wants to remember
 */
public record Placement(Figure figure, Way way, Figure danced, Optional<Alignment> start, boolean cornerAfter, boolean highlight, String note) {

    /**
     * @throws IllegalArgumentException                if the figure has no variant of that name
     * @throws fluidframe.core.time.CountException     where that way's count has no name in the dance
     */
    public static Placement of(Figure figure, Way way, Optional<Alignment> start, boolean cornerAfter, boolean highlight, String note) {
        return new Placement(figure, way, Ways.danced(figure, way), start, cornerAfter, highlight, note);
    }
}
