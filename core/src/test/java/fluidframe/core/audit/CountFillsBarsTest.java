package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.RowDraft;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A count that is short or long: what it comes to, and what would make it fill its bars. */
class CountFillsBarsTest {

    private static List<RowDraft> rows(String count, String first, String second, String alignment) {
        String[] marks = count.split(" ");
        return Charts.rows(IntStream.range(0, marks.length)
                .mapToObj(
                        i -> marks[i] + "|" + (i % 2 == 0 ? first : second) + "|fwd" + (i == 0 ? "|" + alignment : ""))
                .toArray(String[]::new));
    }

    private static FigureDraft counted(String dance, String bars, String count) {
        return Charts.figure(dance, bars, rows(count, "LF", "RF", "f LOD"), rows(count, "RF", "LF", "b LOD"));
    }

    private static List<String> fixes(String dance, String bars, String count) {
        return found(counted(dance, bars, count), "T2").get(0).fixes().stream()
                .map(fix -> fix.label() + " > " + fix.place().pointer() + " " + fix.text())
                .toList();
    }

    @ParameterizedTest(name = "{0}, {1} bars, {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "waltz|1|1 2 3|0",
                "waltz|1|1 2 & 3|0",
                "waltz|2|1 2 3 1 2-3|0",
                "waltz|2|1 2 3 1 2|2",
                "waltz|2|1 2 3|2",
                "waltz|1|1 2 3 1|2",
                "foxtrot|1|S Q Q|0",
                "foxtrot|1|S Q|2",
                "foxtrot|1|S S Q|2",
                "rumba|1|2 3 4|0",
                "rumba|1|2 3 4-1|0",
                "rumba|2|2 3 4|2",
                "rumba|1|2 3|2",
                "cha-cha|1|2 3 4 & 1|0",
                "samba|1|1 a 2|0",
                "samba|1|1 a|2",
                "waltz|1|1 2 h|0"
            })
    void aLastStepMaySwallowNoBeatOfItsOwnBar(String dance, String bars, String count, int findings) {
        assertThat(found(counted(dance, bars, count), "T2")).hasSize(findings);
    }

    @Test
    void whatIsMeantIsOfferedTheStatedBarsFirst() {
        assertThat(fixes("waltz", "2", "1 2 3 1 2")).containsExactly("hold it: 2-3 > /man/4/count 2-3");
        assertThat(fixes("waltz", "3", "1 2 3 1 2 3")).containsExactly("make it 2 bars > /bars 2");
        assertThat(fixes("waltz", "2", "1 2 3")).containsExactly("make it 1 bar > /bars 1");
        assertThat(fixes("foxtrot", "1", "S S Q Q")).containsExactly("make it 1 1/2 bars > /bars 1 1/2");
        assertThat(fixes("foxtrot", "1", "S Q")).isEmpty();
        assertThat(fixes("quickstep", "2", "1 2 3 4 1 2"))
                .containsExactly("make it 1 1/2 bars > /bars 1 1/2", "hold it: 2-3-4 > /man/5/count 2-3-4");
        assertThat(fixes("samba", "1", "1 a")).containsExactly("make it 1/2 bar > /bars 1/2");
    }

    @Test
    void bothNumbersAreSaid() {
        assertThat(found(counted("waltz", "2", "1 2 3 1 2"), "T2").get(1)).satisfies(finding -> {
            assertThat(finding.sentence())
                    .isEqualTo("The lady's count comes to 5 beats; the figure is stated as 6 beats (2 bars of 3).");
            assertThat(finding.place().pointer()).isEqualTo("/lady/4/count");
            assertThat(finding.severity()).isEqualTo(Severity.ERROR);
        });
        assertThat(found(counted("waltz", "1", "1 2 3 1 2"), "T2")
                        .get(0)
                        .place()
                        .pointer())
                .as("the first that no longer fits")
                .isEqualTo("/man/3/count");
    }
}
