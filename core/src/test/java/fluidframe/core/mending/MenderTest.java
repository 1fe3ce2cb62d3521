package fluidframe.core.mending;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Section;
import fluidframe.core.space.Alignment;
import fluidframe.core.time.Tempo;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class MenderTest {

    private static final Figure RIGHT = SmallBook.walk("right", "RF", "LOD", "");
    private static final Figure LEFT = SmallBook.walk("left", "LF", "LOD", "");
    private static final Repertoire BOOK = Repertoire.of(List.of(RIGHT, LEFT), Conditions.OPEN);

    private final Mender mender = new Mender(BOOK);

    private static Placement placed(Figure figure) {
        return Placement.of(Dancing.of(figure, Way.AS_CHARTED));
    }

    private static Course course(Placement... placements) {
        return Course.of(new Routine(
                "test",
                "Test",
                Dances.find("waltz").orElseThrow(),
                new Tempo(29),
                Conditions.OPEN,
                Arrays.asList(placements)));
    }

    @Test
    void everyRepairLeavesTheRoutineWithLessToMend() {
        Course broken = course(placed(RIGHT), placed(LEFT), placed(LEFT));

        List<MendedRoutine> repairs = mender.repairs(broken, 1);

        assertThat(broken.count(Outcome.BREAKS)).isOne();
        assertThat(repairs)
                .isNotEmpty()
                .allSatisfy(mended -> assertThat(Course.of(mended.routine()).count(Outcome.BREAKS))
                        .isZero());
    }

    @Test
    void originsTellWhatIsNew() {
        MendedRoutine bridged = mender.repairs(course(placed(RIGHT), placed(LEFT), placed(LEFT)), 1).stream()
                .filter(mended -> mended.repair().between().size() == 1)
                .findFirst()
                .orElseThrow();

        assertThat(bridged.origins()).containsExactly(0, 1, MendedRoutine.NEW, 2);
    }

    @Test
    void aSectionThatMeetsItselfIsMendedOnlyWhereItDoes() {
        Course twice = course(placed(RIGHT).beginning(new Section("A", 2)), placed(LEFT), placed(RIGHT));

        MendedRoutine first = mender.repairs(twice, 2).get(0);

        assertThat(first.routine().length()).isEqualTo(twice.length().plus(RIGHT.length()));
        assertThat(first.routine().passages()).hasSize(7);
    }

    @Test
    void aPlanTellsItsSeamsByThePlacementsOfTheBeginning() {
        MendingPlan plan = mender.plan(course(placed(LEFT), placed(LEFT), placed(LEFT)), Set.of());

        assertThat(plan.steps())
                .extracting(MendingPlan.Step::seam)
                .containsExactly(new SeamKey(0, 1), new SeamKey(1, 1));
        assertThat(plan.left()).isEmpty();
        MendedRoutine whole = plan.steps().get(1).mended();
        assertThat(Course.of(whole.routine()).count(Outcome.BREAKS)).isZero();
        assertThat(whole.origins()).containsExactly(0, MendedRoutine.NEW, 1, MendedRoutine.NEW, 2);
    }

    @Test
    void aPlanLeavesWhatIsSkippedAndWhatOnlyGivingUpAnAlignmentWouldMend() {
        Placement fixed = placed(RIGHT)
                .withStart(new Alignment.Facing(SmallBook.walk("c", "RF", "C", "")
                        .man()
                        .steps()
                        .get(0)
                        .alignment()
                        .orElseThrow()
                        .foot()));
        Course broken = course(placed(LEFT), placed(LEFT), fixed);

        MendingPlan plan = mender.plan(broken, Set.of(new SeamKey(0, 1)));

        assertThat(plan.steps()).isEmpty();
        assertThat(plan.left()).extracting(MendingPlan.Left::seam).containsExactly(new SeamKey(1, 1));
    }
}
