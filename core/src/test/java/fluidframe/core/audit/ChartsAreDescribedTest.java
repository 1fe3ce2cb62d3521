package fluidframe.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.notation.RowDraft;
import java.util.List;
import org.junit.jupiter.api.Test;

class ChartsAreDescribedTest {

    private static final List<RowDraft> HIS = Charts.rows("1|RF|fwd|f DW", "2|LF|sd", "3|RF|cl");
    private static final List<RowDraft> BLANK = Charts.chart("count", "1", "2", "3");

    @Test
    void whatHasOnlyCountsIsToBeDescribedAndNotToBeMended() {
        assertThat(findings(BLANK, BLANK))
                .extracting(finding -> finding.rule() + " " + finding.place().pointer() + " " + finding.severity())
                .containsExactly("D1 /man/0/count WARNING", "D1 /lady/0/count WARNING");
    }

    @Test
    void whileHisChartIsWrittenHersIsNotJudged() {
        assertThat(findings(HIS, BLANK))
                .filteredOn(finding -> finding.place().pointer().startsWith("/lady"))
                .extracting(Finding::rule)
                .containsExactly("D1");
        assertThat(findings(HIS, Charts.rows("1|LF", "2", "3")))
                .extracting(Finding::rule)
                .contains("A3")
                .doesNotContain("D1");
    }

    @Test
    void aBlankChartOfTheWrongLengthIsStillOfTheWrongLength() {
        assertThat(findings(BLANK, Charts.chart("count", "1", "2")))
                .extracting(Finding::severity)
                .contains(Severity.ERROR);
    }

    private static List<Finding> findings(List<RowDraft> man, List<RowDraft> lady) {
        return Audit.of(Charts.read(Charts.figure("waltz", "1", man, lady))).stream()
                .filter(finding -> finding.severity() != Severity.NOTE)
                .toList();
    }
}
