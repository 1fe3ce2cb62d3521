package fluidframe.core.room;

import fluidframe.core.compose.Composition;
import fluidframe.core.couple.Part;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is danced on from a place in a routine instead of what follows there now: something composed, or a way round
 * what blocks the couple's own.
 *
 * @param score what the routine has up to that place, and behind it what is danced on
 * @param from the first passage of what is danced on
 */
public record DancedOn(Score score, int from) {

    /** @param after the passage it follows; empty where the routine begins with it */
    public static DancedOn of(Course course, Optional<Integer> after, List<Placement> danced) {
        List<Placement> before = course.upTo(after);
        return new DancedOn(
                Score.of(course.routine()
                        .placing(Stream.concat(before.stream(), danced.stream()).toList())),
                before.size());
    }

    /** What begins a routine begins on the heading that was composed for it. */
    public static DancedOn of(Course course, Optional<Integer> after, Composition composition) {
        List<Placement> composed = new ArrayList<>();
        for (Composition.Piece piece : composition.steps()) {
            Placement placement = Placement.of(piece.dancing()).withCornerAfter(piece.cornerAfter());
            composed.add(
                    composed.isEmpty() && after.isEmpty()
                            ? placement.withStart(new Alignment.Facing(piece.facing()))
                            : placement);
        }
        return of(course, after, composed);
    }

    /** The couple's way over the floor, from where they begin it, metres along and across the first side. */
    public List<Point> path() {
        List<Point> his = score.steps().stream()
                .filter(step -> step.part() == Part.MAN && step.placement() >= from)
                .map(DancedOn::place)
                .toList();
        Optional<Point> begun = from == 0
                ? score.start().map(stance -> stance.man().body())
                : score.steps().stream()
                        .filter(step -> step.part() == Part.MAN && step.placement() < from)
                        .reduce((earlier, later) -> later)
                        .map(DancedOn::place);
        return Stream.concat(begun.stream(), his.stream()).toList();
    }

    private static Point place(ScoreStep step) {
        return step.stance().body();
    }

    /** What would be hit on it. */
    public List<Collision> collisions() {
        return RoomReport.of(score).collisions().stream()
                .filter(collision -> collision.placement() >= from)
                .toList();
    }
}
