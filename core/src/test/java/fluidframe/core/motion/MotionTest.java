package fluidframe.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.SmallBook;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.geometry.Dancers;
import fluidframe.core.geometry.StepLengths;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Tempo;
import java.util.List;
import org.junit.jupiter.api.Test;

class MotionTest {

    private static final Score SCORE = score(SmallBook.turning("turning"), Dancers.USUAL);
    private static final Motion MOTION = SCORE.motion().orElseThrow();

    @Test
    void everyFootLandsOnItsBeatWithTheWeightStillOnTheOther() {
        for (ScoreStep step : SCORE.steps()) {
            DancerMotion dancer = MOTION.of(step.part());
            Foot foot = step.step().foot().orElseThrow();
            double onset = step.onset().toDouble();
            assertThat(dancer.foot(foot)
                            .at(onset)
                            .distanceTo(step.stance().foot(foot).at()))
                    .isLessThan(1e-9);
            assertThat(dancer.weightOn(foot, onset)).isCloseTo(0, within(1e-9));
            assertThat(dancer.weightOn(foot, onset + 0.4)).isCloseTo(1, within(1e-9));
            assertThat(dancer.body().at(onset + 0.4).distanceTo(step.stance().body()))
                    .isLessThan(0.15);
        }
    }

    @Test
    void theBodyIsOnItsWayBeforeTheFootLands() {
        DancerMotion man = MOTION.man();
        double whole = man.body().at(1.35).distanceTo(man.body().at(0.35));
        assertThat(man.body().at(1).distanceTo(man.body().at(0.35))).isBetween(0.3 * whole, 0.9 * whole);
    }

    /** Twice three eighths to the right is three quarters to the right, not a quarter to the left. */
    @Test
    void turnsGoTheWayTheyAreCharted() {
        double before = MOTION.man().body().angle().at(-1);
        double after = MOTION.man().body().angle().at(SCORE.length().toDouble());
        assertThat(Math.toDegrees(after - before)).isCloseTo(-270, within(0.001));
        for (double beat = -1; beat < SCORE.length().toDouble(); beat += 0.125) {
            assertThat(MOTION.man().body().angle().at(beat + 0.125))
                    .isLessThanOrEqualTo(MOTION.man().body().angle().at(beat) + 1e-9);
        }
    }

    @Test
    void tallDancersStepFartherAndFastMusicShortensSteps() {
        StepLengths usual = StepLengths.of(Dances.find("waltz").orElseThrow(), new Tempo(29), Dancers.USUAL);
        StepLengths tall = StepLengths.of(Dances.find("waltz").orElseThrow(), new Tempo(29), new Dancers(1.9, 1.6));
        StepLengths fast = StepLengths.of(Dances.find("waltz").orElseThrow(), new Tempo(60), Dancers.USUAL);
        assertThat(usual.man()).isCloseTo(0.65, within(1e-9));
        assertThat(tall.man() / usual.man()).isCloseTo(1.9 / 1.75, within(1e-9));
        assertThat(tall.of(Part.LADY)).isLessThan(usual.lady());
        assertThat(fast.man() / usual.man()).isCloseTo(Math.cbrt(29 / 60.0), within(1e-9));
        double far = covered(score(SmallBook.walk("walk", "RF", "LOD", ""), new Dancers(1.95, 1.95)));
        assertThat(far).isGreaterThan(covered(score(SmallBook.walk("walk", "RF", "LOD", ""), Dancers.USUAL)) + 0.05);
    }

    private static double covered(Score score) {
        Motion motion = score.motion().orElseThrow();
        return motion.man()
                .body()
                .at(-1)
                .distanceTo(motion.man().body().at(score.length().toDouble()));
    }

    private static Score score(Figure figure, Dancers dancers) {
        Routine routine = new Routine(
                        "tried",
                        "Tried",
                        figure.dance(),
                        new Tempo(29),
                        Conditions.OPEN,
                        List.of(Placement.of(Dancing.of(figure, Way.AS_CHARTED))))
                .by(dancers);
        return Score.of(routine);
    }
}
