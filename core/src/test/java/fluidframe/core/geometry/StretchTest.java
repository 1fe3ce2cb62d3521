package fluidframe.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dances;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.space.Point;
import fluidframe.core.time.Tempo;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Something long is solved piece by piece, and nobody can tell where the pieces meet. */
class StretchTest {

    private static final int BEATS = 256;
    /** Farther than a step of a walk carries anybody, metres. */
    private static final double LONGEST_STEP = 1.0;

    @Test
    void aLongWalkGoesOnEvenlyWhereItsPiecesMeet() {
        List<Point> bodies = bodies(Part.MAN);
        assertThat(bodies).hasSize(BEATS);
        double usual = bodies.get(1).distanceTo(bodies.get(2));
        for (int step = 2; step < BEATS; step++) {
            assertThat(bodies.get(step - 1).distanceTo(bodies.get(step)))
                    .as("from step " + step)
                    .isLessThan(LONGEST_STEP)
                    .isBetween(usual * 0.5, usual * 1.6);
        }
    }

    @Test
    void theCoupleStayTogetherWhereItsPiecesMeet() {
        List<Point> his = bodies(Part.MAN);
        List<Point> hers = bodies(Part.LADY);
        double apart = his.get(1).distanceTo(hers.get(1));
        for (int step = 1; step < BEATS; step++) {
            assertThat(his.get(step).distanceTo(hers.get(step)))
                    .as("after step " + (step + 1))
                    .isBetween(apart - 0.1, apart + 0.1);
        }
    }

    private static List<Point> bodies(Part part) {
        Routine walk = new Routine(
                "walk",
                "Walk",
                Dances.find("waltz").orElseThrow(),
                new Tempo(30),
                Conditions.OPEN,
                List.of(Placement.of(Element.of(ElementKind.WALK, BEATS))));
        return Score.of(walk).steps().stream()
                .filter(step -> step.part() == part)
                .map(ScoreStep::stance)
                .map(Stance::body)
                .toList();
    }
}
