package fluidframe.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.Place;
import fluidframe.core.notation.RowDraft;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AuditTest {

    @ParameterizedTest(name = "{0} step {1} {2} {3}")
    @CsvSource(
            delimiter = ';',
            value = {
                "MAN; 5; TURN; 1/4 R, body less",
                "LADY; 2; TURN; 1/8 R, body less",
                "MAN; 3; ALIGNMENT; b DC-A",
                "MAN; 6; ALIGNMENT; f LOD",
                "MAN; 4; FOOT; RF"
            })
    void theFirstFixMendsIt(Part part, int step, Column column, String wrong) {
        FigureDraft broken = Danced.figure("natural turn").withCell(part, step - 1, column, wrong);
        Finding worst = Audit.of(Charts.read(broken)).get(0);
        assertThat(worst.severity()).isEqualTo(Severity.ERROR);
        assertThat(errors(Audit.apply(broken, worst.fixes().get(0)))).isEmpty();
    }

    @Test
    void aBrokenTurnNamesBothNumbers() {
        FigureDraft broken = Danced.figure("natural turn").withCell(Part.MAN, 4, Column.TURN, "1/4 R, body less");
        assertThat(errors(broken)).singleElement().satisfies(finding -> {
            assertThat(finding.sentence()).contains("45°").contains("90°").contains("1/8 apart");
            assertThat(finding.fixes().get(0).text()).isEqualTo("3/8 R, body less");
        });
    }

    @Test
    void aTapTakenForAStepIsNotTheSameAsTheSameFootTwice() {
        FigureDraft tapped = Charts.figure(
                "waltz",
                "2",
                Charts.rows("1|RF|fwd|f DW", "2|LF|sd", "(3)|RF|br", "1|LF|fwd", "2|RF|sd", "3|LF|cl"),
                Charts.rows("1|LF|bk|b DW", "2|RF|sd", "(3)|LF|br", "1|LF|bk", "2|RF|sd", "3|LF|cl"));
        assertThat(errors(tapped)).singleElement().satisfies(finding -> {
            assertThat(finding.rule()).isEqualTo("W2");
            assertThat(finding.place()).isEqualTo(Place.cell(Part.MAN, 3, Column.FOOT));
        });
    }

    @Test
    void aHopMayUseTheSameFoot() {
        FigureDraft hop = Danced.figure("natural turn")
                .withCell(Part.MAN, 3, Column.FOOT, "RF")
                .withCell(Part.MAN, 3, Column.ACTION, "hop");
        assertThat(Audit.of(Charts.read(hop)))
                .noneMatch(finding -> finding.place().equals(Place.cell(Part.MAN, 3, Column.FOOT)));
    }

    @ParameterizedTest(name = "{0} {1} bars, {2} and {3}: {4}")
    @CsvSource(
            nullValues = "-",
            value = {
                "waltz,   2, 1 2 3 1 2,   1 2 3 1 2,   T2",
                "waltz,   2, 1 2 3 1 2-3, 1 2 3 1 2-3, -",
                "waltz, 3, 1 2 3 1 2 3, 1 2 3 1 2 3, T2",
                "foxtrot, 1, S Q Q,       S Q,         T4",
                "foxtrot, 1.5, S S S,     S S S,       -",
                "rumba,   1, 2 3 4,       2 3 4-1,     -",
                "rumba,   1, 1 2 3 4,     1 2 3 4,     T3"
            })
    void countsAndBars(String dance, String bars, String man, String lady, String rule) {
        FigureDraft draft = Charts.figure(dance, bars, walk(man, "RF", "LF", "fwd"), walk(lady, "LF", "RF", "bk"));
        List<String> rules =
                errors(draft).stream().map(Finding::rule).distinct().toList();
        if (rule == null) {
            assertThat(rules).isEmpty();
        } else {
            assertThat(rules).contains(rule);
        }
    }

    @Test
    void partsThatTurnApartAreFound() {
        FigureDraft apart = Charts.figure(
                "waltz",
                "1",
                Charts.rows("1|RF|fwd|f LOD", "2|LF|sd", "3|RF|cl"),
                Charts.rows("1|LF|bk|b LOD", "2|RF|sd||1/4 R", "3|LF|cl"));
        assertThat(errors(apart)).anySatisfy(finding -> {
            assertThat(finding.rule()).isEqualTo("A2");
            assertThat(finding.place()).isEqualTo(Place.cell(Part.LADY, 1, Column.TURN));
        });
    }

    @Test
    void aRuleIsNamedOnceAndExplainsItself() {
        assertThat(Audit.rules())
                .extracting(Rule::id)
                .doesNotHaveDuplicates()
                .contains("T1", "T7", "W6", "A6", "F7", "R3", "S2", "C1", "P2", "G3", "V1", "L1");
        assertThat(Audit.rules())
                .allSatisfy(rule -> assertThat(rule.reason()).isNotBlank().endsWith("."));
    }

    private static List<Finding> errors(FigureDraft draft) {
        return Audit.of(Charts.read(draft)).stream()
                .filter(finding -> finding.severity() == Severity.ERROR)
                .toList();
    }

    private static List<RowDraft> walk(String count, String first, String second, String way) {
        String[] marks = count.split(" ");
        String[] rows = new String[marks.length];
        for (int i = 0; i < marks.length; i++) {
            rows[i] = marks[i] + "|" + (i % 2 == 0 ? first : second) + "|" + way
                    + (i == 0 ? way.equals("fwd") ? "|f LOD" : "|b LOD" : "");
        }
        return Charts.rows(rows);
    }
}
