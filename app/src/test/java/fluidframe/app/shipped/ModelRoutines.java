package fluidframe.app.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.compose.Choice;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Ground;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Wish;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Move;
import fluidframe.core.link.Repertoire;
import fluidframe.core.room.DancedOn;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.time.Beats;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/**
 * Holds every model routine of figures alone against what is composed for the same wish: its dance, level, bars,
 * corners, floor, start and piece. An answer that hits a wall where it is danced, or takes the bodies out of their
 * band, is none. It takes minutes, so it is no part of the tests: {@code bench/models} runs it.
 */
class ModelRoutines {

    private static final long LONGEST = 10_000_000_000L;

    @TestFactory
    List<DynamicTest> countNoLessThanWhatIsComposedOfTheSameWish() {
        return ShippedLibrary.routines().stream()
                .filter(routine -> !routine.title().startsWith("Study:"))
                .filter(routine ->
                        routine.placements().stream().allMatch(placement -> placement.item() instanceof Dancing))
                .map(routine -> DynamicTest.dynamicTest(routine.title(), () -> compare(routine)))
                .toList();
    }

    private static void compare(Routine routine) {
        Course course = Course.of(routine);
        Repertoire repertoire = Repertoire.of(
                ShippedLibrary.ofDance(routine.dance().id()),
                new Conditions(routine.conditions().syllabus(), highest(course)));
        Wish wish = wish(course, repertoire);
        int model = points(course, repertoire, wish);
        long end = System.nanoTime() + LONGEST;
        List<Composition> composed =
                Composer.search(repertoire, wish, () -> System.nanoTime() > end).compositions();
        OptionalInt best = composed.stream()
                .filter(each -> canBeDanced(DancedOn.of(course, Optional.empty(), each)))
                .mapToInt(Composition::points)
                .max();
        System.out.printf(
                "%-40s %4d, composed %s of %s that can be danced there%n",
                routine.title(),
                model,
                best.isPresent() ? best.getAsInt() : "none",
                composed.stream().map(each -> String.valueOf(each.points())).collect(Collectors.joining(" ")));
        assertThat(model).isGreaterThanOrEqualTo(best.orElse(Integer.MIN_VALUE));
    }

    private static boolean canBeDanced(DancedOn danced) {
        return danced.collisions().isEmpty()
                && MotionWalk.through(danced.score()).outside() < 0.05;
    }

    private static Level highest(Course course) {
        return course.placements().stream()
                .map(placed -> placed.dancing().figure().level())
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private static Wish wish(Course course, Repertoire repertoire) {
        Routine routine = course.routine();
        Beats length = course.length();
        int corners = (int)
                routine.placements().stream().filter(Placement::cornerAfter).count();
        Set<String> highlights = course.placements().stream()
                .filter(placed -> placed.placement().highlight())
                .map(placed -> placed.dancing().figure().id())
                .collect(Collectors.toSet());
        Wish wish = Wish.of(length, length, course.heard())
                .withTaste(
                        Taste.of(length.ticks() / routine.dance().rhythm().bar().ticks(), repertoire))
                .withCorners(corners)
                .withChoice(new Choice(Set.of(), Set.of(), Set.of(), highlights));
        return routine.dance().travels() ? wish.withSides(sides(routine.floor(), corners)) : wish;
    }

    private static List<Double> sides(Floor floor, int corners) {
        return IntStream.rangeClosed(0, corners)
                .mapToObj(side -> side == 0 ? floor.ahead(floor.start(), 0) : floor.along(side))
                .toList();
    }

    /** As the composer counts its own, the ground that is covered among them. */
    private static int points(Course course, Repertoire repertoire, Wish wish) {
        List<Move> moves = ShippedLibrary.moves(course);
        int points = Composer.appraise(repertoire, wish, moves).points();
        Ground ground = new Ground();
        for (int side = 0; side < wish.sides().size(); side++) {
            int now = side;
            int covered = IntStream.range(0, moves.size())
                    .filter(i -> course.placements().get(i).side() == now)
                    .map(i -> ground.covered(moves.get(i)))
                    .sum();
            points += (int) (Math.max(0, covered)
                    * wish.weights().ground()
                    / (100 * wish.sides().get(side)));
        }
        return points;
    }
}
