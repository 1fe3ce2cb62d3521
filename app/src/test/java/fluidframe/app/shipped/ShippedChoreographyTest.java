package fluidframe.app.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.amalgamation.AmalgamationUse;
import fluidframe.core.choreography.BecauseSentence;
import fluidframe.core.choreography.Brief;
import fluidframe.core.choreography.Choreographer;
import fluidframe.core.choreography.Choreography;
import fluidframe.core.choreography.Reasons;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Wish;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.room.RoomReport;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.time.Beats;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a coach gets of every dance that ships: danced again as it is handed out, it is what was promised. */
class ShippedChoreographyTest {

    private static final int BARS = 32;

    static List<Dance> dances() {
        return Dances.all();
    }

    @ParameterizedTest
    @MethodSource("dances")
    void everyDanceIsComposedWithoutABreakOrAWallInSeveralWays(Dance dance) {
        Conditions conditions = new Conditions(false, Level.SILVER);
        Repertoire repertoire = ShippedLibrary.repertoire(dance, conditions).forgetful();
        Routine empty = new Routine("r", "R", dance, dance.slowest(), conditions, List.of());
        Brief brief = brief(repertoire, empty);

        List<Choreography> answers = Choreographer.compose(repertoire, brief, Score.of(empty), Map.of(), () -> false)
                .answers();

        assertThat(answers).hasSize(5);
        for (Choreography answer : answers) {
            Score danced =
                    Score.of(empty.placing(answer.placements()).on(empty.floor().startingAt(answer.start())));
            assertThat(danced.course().length()).isEqualTo(brief.wish().most());
            assertThat(danced.course().count(Outcome.HOLDS))
                    .isEqualTo(answer.placements().size() - 1);
            if (dance.travels()) {
                assertThat(RoomReport.of(danced).collisions()).isEmpty();
            }
            assertThat(Reasons.of(brief, answer))
                    .extracting(because -> BecauseSentence.of(because, 0))
                    .doesNotHaveDuplicates()
                    .allSatisfy(sentence -> assertThat(sentence).isNotBlank());
        }
        assertThat(uses(answers.get(0), 0)).contains(AmalgamationUse.OPENING);
        assertThat(answers.get(0).points()).isPositive();
    }

    private static Brief brief(Repertoire repertoire, Routine empty) {
        Course course = Course.of(empty);
        Beats length = empty.dance().rhythm().bar().times(BARS);
        Wish wish = Wish.of(length, length, course.heard()).withTaste(Taste.of(BARS, repertoire));
        return new Brief(
                course,
                Optional.empty(),
                wish,
                Optional.empty(),
                empty.dance().travels(),
                ShippedLibrary.amalgamations(empty.dance()),
                Set.of(),
                Set.of(),
                Set.of(),
                List.of());
    }

    private static Set<AmalgamationUse> uses(Choreography answer, int stage) {
        return answer.stages().get(stage).group().orElseThrow().uses();
    }
}
