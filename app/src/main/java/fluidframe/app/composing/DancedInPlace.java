package fluidframe.app.composing;

import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Composition.Piece;
import fluidframe.core.couple.Part;
import fluidframe.core.detour.Detour;
import fluidframe.core.room.RoomReport;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What has been composed, danced where it is meant to be.
 *
 * @param score what the routine has before it, and behind that what has been composed
 * @param from  the first passage of what has been composed
 */
record DancedInPlace(Score score, int from) {

    /** @param after the passage it follows; empty where the routine begins with it */
    static DancedInPlace of(Composition composition, Standing standing, Optional<Integer> after) {
        List<Placement> composed = new ArrayList<>();
        for (Piece piece : composition.steps()) {
            Placement placement = Placement.of(piece.dancing()).withCornerAfter(piece.cornerAfter());
            composed.add(composed.isEmpty() && after.isEmpty() ? placement.withStart(new Alignment.Facing(piece.facing())) : placement);
        }
        return of(composed, standing, after);
    }

    static DancedInPlace of(Detour detour, Standing standing, int after) {
        return of(detour.items().stream().map(Placement::of).toList(), standing, Optional.of(after));
    }

    private static DancedInPlace of(List<Placement> composed, Standing standing, Optional<Integer> after) {
        List<Placement> before = standing.course().placements().subList(0, after.map(passage -> passage + 1).orElse(0)).stream().map(ScoredPlacement::placement)
                .map(placement -> placement.withinSection().withRounds(Collections.emptySortedSet())).toList();
        return new DancedInPlace(Score.of(standing.routine().placing(Stream.concat(before.stream(), composed.stream()).toList())), before.size());
    }

    /** The couple's way over the floor, metres along and across the first side. */
    List<Point> path() {
        Stream<Point> start = from == 0 ? score.start().map(stance -> stance.man().body()).stream()
                : score.steps().stream().filter(step -> step.part() == Part.MAN && step.placement() < from).reduce((earlier, later) -> later).map(step -> step.stance().body()).stream();
        return Stream.concat(start, score.steps().stream().filter(step -> step.part() == Part.MAN && step.placement() >= from).map(step -> step.stance().body())).toList();
    }

    /** What would be hit, and in which bar of the routine. */
    List<String> hits() {
        return RoomReport.of(score).collisions().stream().filter(collision -> collision.placement() >= from).map(collision -> "bar " + collision.bar() + ": " + collision.what()).toList();
    }
}
