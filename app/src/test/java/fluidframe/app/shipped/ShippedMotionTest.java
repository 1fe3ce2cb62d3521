package fluidframe.app.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.room.RoomReport;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every figure and every model routine that ships, followed between the steps. */
class ShippedMotionTest {

    /** Of a side, as the composer keeps it: a corner in the middle of the floor has no reason. */
    private static final double MOST_LEFT_AT_A_CORNER = 0.4;

    private static final double FOOT_WIDTH = 0.08;
    /**
     * A body thrown from hold to the end of the arms within a quarter of a beat; nothing goes faster, and nothing
     * jumps.
     */
    private static final double FASTEST = 5.5;

    static List<Dance> dances() {
        return Dances.all();
    }

    static List<Routine> routines() {
        return ShippedLibrary.routines();
    }

    @ParameterizedTest
    @MethodSource("dances")
    void everyFigureCanBeDancedByBodies(Dance dance) {
        ShippedLibrary.ofDance(dance.id()).forEach(figure -> check(alone(figure)));
    }

    @ParameterizedTest
    @MethodSource("routines")
    void everyRoutineCanBeDancedByBodies(Routine routine) {
        check(routine);
        RoomReport report = RoomReport.of(Score.of(routine));
        assertThat(report.collisions()).as("%s", routine.id()).isEmpty();
        assertThat(report.sides().stream().limit(Math.max(0, report.sides().size() - 1)))
                .as("corners of %s", routine.id())
                .allMatch(side -> side.ahead() <= MOST_LEFT_AT_A_CORNER * side.there());
    }

    private static Routine alone(Figure figure) {
        return new Routine(
                figure.id(),
                figure.title(),
                figure.dance(),
                figure.dance().slowest(),
                Conditions.OPEN,
                List.of(Placement.of(Dancing.of(figure, Way.AS_CHARTED))));
    }

    private static void check(Routine routine) {
        MotionWalk walk = MotionWalk.through(Score.of(routine));
        assertThat(walk.slide()).as("%s", walk).isLessThan(0.01);
        assertThat(walk.outside()).as("%s", walk).isLessThan(0.05);
        assertThat(walk.nearest()).as("%s", walk).isGreaterThan(0.2);
        assertThat(walk.fastest()).as("%s", walk).isLessThan(FASTEST);
        assertThat(walk.feet()).as("%s", walk).isGreaterThan(FOOT_WIDTH);
    }
}
