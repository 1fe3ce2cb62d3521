package fluidframe.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.geometry.Stance;
import fluidframe.core.space.Point;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * A waltz at its top tempo, thirty bars a minute: a beat lasts two thirds of a second, in which no body goes farther
 * than 2.33 metres.
 */
class BodiesTakeTimeTest {

    private static final Figure WALTZ = Charts.read(Charts.figure(
            "waltz",
            "2",
            Charts.rows("1|RF|fwd|f LOD", "2|LF|fwd", "3|RF|fwd", "1|LF|fwd", "2|RF|fwd", "3|LF|fwd"),
            Charts.rows("1|LF|bk|b LOD", "2|RF|bk", "3|LF|bk", "1|RF|bk", "2|LF|bk", "3|RF|bk")));

    /** Where the body is after each step, metres along the line. */
    private static Optional<Finding> going(double... at) {
        List<Stance> stances = Arrays.stream(at)
                .mapToObj(x -> Stance.standing(new Point(x, 0), 0))
                .toList();
        Subject subject = new Subject(WALTZ);
        return new BodiesTakeTime()
                .check(subject, Part.MAN, subject.timing(Part.MAN).orElseThrow(), stances);
    }

    @ParameterizedTest(name = "{0} m in a beat")
    @CsvSource({"0.8, true", "2.33, true", "2.34, false"})
    void threeAndAHalfMetresASecondIsTheMost(double metres, boolean right) {
        assertThat(going(0, metres).isEmpty()).isEqualTo(right);
    }

    @Test
    void theFastestStepIsNamedWithItsTime() {
        assertThat(going(0, 2.4, 5.4, 5.5).orElseThrow()).satisfies(finding -> {
            assertThat(finding.place().pointer()).isEqualTo("/man/2/footPosition");
            assertThat(finding.sentence())
                    .startsWith("At 30 bars a minute the man has 0.67 s for the 3.00 m to step 3, 4.5 m/s; ");
        });
    }

    /** The neighbour that goes the least way in its time; the first step has no way of its own. */
    @Test
    void theNeighbourWithTheMostTimeLeftTakesAShare() {
        assertThat(share(0, 0.5, 3.5, 3.6)).isEqualTo("step 4 could take a share of it.");
        assertThat(share(0, 0.1, 3.1, 4.1)).isEqualTo("step 2 could take a share of it.");
        assertThat(share(0, 3, 3.5)).isEqualTo("step 3 could take a share of it.");
        assertThat(share(0, 0.5, 3.5)).isEqualTo("step 2 could take a share of it.");
        assertThat(share(0, 3)).isEqualTo("it needs more time.");
    }

    private static String share(double... at) {
        String sentence = going(at).orElseThrow().sentence();
        return sentence.substring(sentence.indexOf("; ") + 2);
    }

    @Test
    void backwardsIsNoFurtherThanForwards() {
        assertThat(going(0, -3).orElseThrow().stated()).isEqualTo("4.5 m/s");
        assertThat(going(0, 1, 0, 1, 0, 1)).isEmpty();
    }
}
