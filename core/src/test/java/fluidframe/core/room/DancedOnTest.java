package fluidframe.core.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.SmallBook;
import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Composition.Piece;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Outcome;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.Section;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Point;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DancedOnTest {

    private static final Dancing AHEAD = Dancing.of(SmallBook.walk("ahead", "RF", "LOD", ""), Way.AS_CHARTED);
    private static final Placement WALK = Placement.of(AHEAD);
    private static final Floor SHORT = new Floor(6, 11, new Point(2.5, 2.2), List.of());

    @Test
    void whatIsDancedOnBeginsWhereTheRoutineHasComeTo() {
        Course course = Course.of(routine(WALK, WALK, WALK));
        DancedOn danced = DancedOn.of(course, Optional.of(1), List.of(WALK));
        List<Point> whole =
                DancedOn.of(course, Optional.empty(), List.of(WALK, WALK, WALK)).path();
        assertThat(danced.from()).isEqualTo(2);
        assertThat(danced.path())
                .isEqualTo(whole.subList(whole.size() - danced.path().size(), whole.size()));
        assertThat(danced.path().get(0).distanceTo(SHORT.start())).isGreaterThan(1);
        assertThat(whole.get(0).distanceTo(SHORT.start())).isCloseTo(0, within(0.5));
    }

    /** Eight walks in six metres run into the wall; only those that run into it from there on are told. */
    @Test
    void onlyWhatIsHitFromThereOnIsTold() {
        Course course = Course.of(routine(Collections.nCopies(8, WALK).toArray(Placement[]::new)));
        List<Collision> all = RoomReport.of(Score.of(course.routine())).collisions();
        int last = all.get(all.size() - 1).placement();
        assertThat(all.get(0).placement()).isLessThan(last);
        DancedOn danced = DancedOn.of(course, Optional.of(last - 1), List.of(WALK));
        assertThat(danced.collisions())
                .isNotEmpty()
                .allMatch(collision -> collision.placement() == last)
                .hasSizeLessThan(all.size());
        assertThat(DancedOn.of(course, Optional.empty(), List.of(WALK)).collisions())
                .isEmpty();
    }

    @Test
    void aComposedBeginningTurnsTheCoupleToItsHeading() {
        Composition composition = new Composition(
                List.of(new Piece(AHEAD, Heading.CENTRE, Outcome.HOLDS, Beats.ZERO, true)),
                AHEAD.length(),
                0,
                Map.of(Composition.Reason.CONTRAST, 0));
        DancedOn danced = DancedOn.of(Course.of(routine()), Optional.empty(), composition);
        Point way =
                danced.path().get(danced.path().size() - 1).minus(danced.path().get(0));
        assertThat(way.y()).isGreaterThan(Math.abs(way.x()));
        assertThat(danced.score().course().placements().get(0).placement().cornerAfter())
                .isTrue();
    }

    /** The second time of a section is unrolled before it is danced on from. */
    @Test
    void timesOfASectionComeOneAfterAnother() {
        Course course = Course.of(routine(WALK.beginning(new Section("verse", 2)), WALK));
        assertThat(DancedOn.of(course, Optional.of(3), List.of(WALK))
                        .score()
                        .course()
                        .placements())
                .hasSize(5);
    }

    private static Routine routine(Placement... placements) {
        return new Routine(
                        "tried",
                        "Tried",
                        Dances.find("waltz").orElseThrow(),
                        new Tempo(29),
                        Conditions.OPEN,
                        List.of(placements))
                .on(SHORT);
    }
}
