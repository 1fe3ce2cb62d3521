package fluidframe.core.detour;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.time.Tempo;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class DetoursTest {

    private static final Figure LEFT = SmallBook.walk("left", "LF", "LOD", "");
    private static final Figure RIGHT = SmallBook.walk("right", "RF", "LOD", "");
    private static final Figure OTHER = SmallBook.walk("other", "LF", "LOD", "");

    private static Course course(Figure... figures) {
        return Course.of(new Routine(
                "test",
                "Test",
                Dances.find("waltz").orElseThrow(),
                new Tempo(29),
                Conditions.OPEN,
                Stream.of(figures)
                        .map(figure -> Placement.of(Dancing.of(figure, Way.AS_CHARTED)))
                        .toList()));
    }

    private static List<Detour> after(int passage, Course course, Figure... book) {
        return new Detours(Repertoire.of(List.of(book), Conditions.OPEN)).after(course, passage, () -> false);
    }

    @Test
    void aDetourLastsAsLongAsWhatItReplacesAndEverySeamOfItHolds() {
        Course course = course(RIGHT, LEFT, RIGHT, LEFT, RIGHT);

        List<Detour> detours = after(0, course, LEFT, RIGHT, OTHER);

        assertThat(detours).hasSize(Detours.MOST);
        for (Detour detour : detours) {
            List<Placement> placements =
                    new ArrayList<>(course.routine().placements().subList(0, 1));
            detour.items().forEach(item -> placements.add(Placement.of(item)));
            placements.addAll(course.routine().placements().subList(detour.rejoins(), 5));
            assertThat(Course.of(course.routine().placing(placements)).count(Outcome.BREAKS))
                    .as(detour.sentence())
                    .isZero();
            boolean stands = detour.items().get(0) instanceof Element;
            assertThat(detour.length())
                    .isEqualTo(
                            stands
                                    ? course.routine().dance().rhythm().bar().times(8)
                                    : course.placements()
                                            .get(detour.rejoins())
                                            .onset()
                                            .minus(course.placements().get(1).onset()));
        }
    }

    @Test
    void theRoutineItselfIsNoDetour() {
        assertThat(after(0, course(RIGHT, LEFT, RIGHT), LEFT, RIGHT))
                .singleElement()
                .satisfies(detour -> assertThat(detour.sentence())
                        .isEqualTo("Stand for a phrase of 8 bars, and go on with the left."));
    }

    @Test
    void itSaysWhereTheRoutineGoesOn() {
        assertThat(after(0, course(RIGHT, LEFT, RIGHT), LEFT, RIGHT, OTHER))
                .first()
                .satisfies(detour -> assertThat(detour.sentence())
                        .contains("the other", "back in with the right in bar 3", "m along instead of"));
    }
}
