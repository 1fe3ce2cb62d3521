package fluidframe.app.composing;

import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Composition.Piece;
import fluidframe.core.couple.Part;
import fluidframe.core.detour.Detour;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The couple's way over the floor of a routine, were a composition danced from where the routine begins. */
final class CompositionPath {

    private CompositionPath() {
    }

    static List<Point> of(Composition composition, Routine routine) {
        List<Placement> placements = new ArrayList<>();
        for (Piece piece : composition.steps()) {
            Placement placement = Placement.of(piece.dancing()).withCornerAfter(piece.cornerAfter());
            placements.add(placements.isEmpty() ? placement.withStart(new Alignment.Facing(piece.facing())) : placement);
        }
        return of(placements, routine);
    }

    /** Of a detour, from where the routine begins. */
    static List<Point> of(Detour detour, Routine routine) {
        return of(detour.items().stream().map(Placement::of).toList(), routine);
    }

    private static List<Point> of(List<Placement> placements, Routine routine) {
        Score score = Score.of(routine.placing(placements));
        return Stream.concat(score.start().map(stance -> stance.man().body()).stream(),
                score.steps().stream().filter(step -> step.part() == Part.MAN).map(step -> step.stance().body())).toList();
    }
}
