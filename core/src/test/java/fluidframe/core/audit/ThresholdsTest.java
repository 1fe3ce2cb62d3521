package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.time.Tempo;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every limit of turn and time from both of its sides. Turns in eighths and sixteenths, tempi in bars a minute. */
class ThresholdsTest {

    private static final String ALL = "count|foot|footPosition|alignment|turn|rise|footwork|cbm|action";

    @ParameterizedTest
    @CsvSource({
        "3/8 R, '', true",
        "7/16 R, '', false",
        "1/2 R, swivel, true",
        "9/16 R, swivel, false",
        "1 R, spin, true",
        "1 1/16 R, spin, false"
    })
    void twoStepsTurnNoMoreThanTheLegsAllow(String turn, String action, boolean right) {
        assertThat(found(turning(turn, "", "", action), "A5").isEmpty()).isEqualTo(right);
    }

    @ParameterizedTest
    @CsvSource({"1/8 R, false", "1/16 R, true"})
    void anEighthIsATurnThatCbmBegins(String turn, boolean right) {
        assertThat(found(turning(turn, "", "", ""), "C1").isEmpty()).isEqualTo(right);
    }

    @ParameterizedTest
    @CsvSource({"1/4 R, true", "5/16 R, false"})
    void moreThanAQuarterWantsToBeShared(String turn, boolean right) {
        assertThat(found(turning(turn, "", "", ""), "A6").isEmpty()).isEqualTo(right);
    }

    @ParameterizedTest
    @CsvSource({"1/4 R, false", "3/16 R, true"})
    void theInsideOfAQuarterTurnHasNoFootRise(String turn, boolean right) {
        FigureDraft draft = Charts.figure(
                "waltz",
                "1",
                Charts.chart(ALL, "1|LF|bk|b LOD||cr e1|TH", "2|RF|sd||" + turn, "3|LF|cl"),
                Charts.chart(ALL, "1|RF|fwd|f LOD||cr e1|HT", "2|LF|sd||" + turn, "3|RF|cl"));
        assertThat(found(draft, "R3").isEmpty()).isEqualTo(right);
    }

    @ParameterizedTest
    @CsvSource({"'on 1/4 R', false", "'on 3/16 R', true"})
    void aQuarterOnOneFootWantsAllTheWeight(String turn, boolean right) {
        FigureDraft draft = Charts.figure(
                "waltz",
                "1",
                Charts.chart(ALL, "1|LF|fwd pw|f LOD|" + turn, "2|RF|sd", "3|LF|cl"),
                Charts.chart(ALL, "1|RF|bk|b LOD", "2|LF|sd", "3|RF|cl"));
        assertThat(found(draft, "W4").isEmpty()).isEqualTo(right);
    }

    /** Half a beat of three: 0.172 s at 58 bars a minute, 0.169 s at 59. */
    @ParameterizedTest
    @CsvSource({"58, true", "59, false"})
    void aChangeOfWeightTakesItsTime(int fastest, boolean right) {
        assertThat(foundAt(fastest, halves("B", ""), "T7").isEmpty()).isEqualTo(right);
    }

    /** Half a beat of three: 0.303 s at 33 bars a minute, 0.294 s at 34. */
    @ParameterizedTest
    @CsvSource({"33, true", "34, false"})
    void aHeelTakesItsTimeToBeLowered(int fastest, boolean right) {
        assertThat(foundAt(fastest, halves("TH", ""), "F6").isEmpty()).isEqualTo(right);
    }

    /** Half a beat of three: 0.357 s at 28 bars a minute, 0.345 s at 29. */
    @ParameterizedTest
    @CsvSource({"28, true", "29, false"})
    void aLockAtSpeedCarriesItsCaution(int fastest, boolean right) {
        assertThat(foundAt(fastest, halves("T", "lock"), "L1").isEmpty()).isEqualTo(right);
    }

    private static FigureDraft turning(String turn, String rise, String footwork, String action) {
        return Charts.figure(
                "waltz",
                "1",
                Charts.chart(
                        ALL, "1|RF|fwd|f LOD||" + rise + "|" + footwork + "||" + action, "2|LF|sd||" + turn, "3|RF|cl"),
                Charts.chart(ALL, "1|LF|bk|b LOD||||| " + action, "2|RF|sd||" + turn, "3|LF|cl"));
    }

    private static FigureDraft halves(String footwork, String action) {
        return Charts.figure(
                "waltz",
                "1",
                Charts.chart(ALL, "1|RF|fwd|f LOD", "2|LF|fwd", "&|RF|XB||||" + footwork + "||" + action, "3|LF|fwd"),
                Charts.chart(ALL, "1|LF|bk|b LOD", "2|RF|bk", "&|LF|XF||||T", "3|RF|bk"));
    }

    /** In a waltz whose usual tempo goes up so far. */
    private static List<Finding> foundAt(int fastest, FigureDraft draft, String rule) {
        Dance waltz = Dances.find("waltz").orElseThrow();
        Dance quick = new Dance(
                waltz.id(),
                waltz.title(),
                waltz.style(),
                waltz.rhythm(),
                new Tempo(20),
                new Tempo(fastest),
                waltz.travels(),
                waltz.technique(),
                waltz.music(),
                waltz.stepLength());
        return Audit.of(DraftReader.read(draft, List.of(quick)).figure().orElseThrow()).stream()
                .filter(finding -> finding.rule().equals(rule))
                .toList();
    }
}
