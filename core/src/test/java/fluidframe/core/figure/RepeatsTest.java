package fluidframe.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Severity;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RepeatsTest {

    /** Three turning steps, odd in number, danced once or again. */
    private static Figure turns(String times, String... tail) {
        String[] man = {"1|LF|fwd|f LOD", "2|RF|sd|b DW|3/8 L", "3|LF|cl|b LOD|1/8 L"};
        String[] lady = {"1|RF|bk|b LOD", "2|LF|sd|p DW|3/8 L", "3|RF|cl|f LOD|1/8 L"};
        FigureDraft draft = Charts.figure("waltz", "1", Charts.rows(man), Charts.rows(lady));
        return Charts.read(draft.withVariants(new VariantsDraft(
                List.of(),
                List.of(),
                List.of(),
                Optional.of(new RepeatDraft(1, 3, Optional.empty(), Optional.empty(), times)),
                Optional.empty(),
                Optional.empty(),
                List.of())));
    }

    @Test
    void everyOtherRepeatOfAnOddUnitIsMirroredAndGoesOnFromWhereItIs() {
        Figure twice = Repeats.danced(turns("1-4"), 2);
        assertThat(twice.length()).hasToString("6");
        assertThat(twice.man().steps())
                .extracting(step -> step.count().orElseThrow() + " "
                        + step.foot().orElseThrow() + " " + step.alignment().orElseThrow() + " " + step.turn())
                .containsExactly(
                        "1 LF f LOD ",
                        "2 RF b DW 3/8 L",
                        "3 LF b LOD 1/8 L",
                        "1 RF f ALOD ",
                        "2 LF b DW-A 3/8 R",
                        "3 RF b ALOD 1/8 R");
        assertThat(Audit.of(twice))
                .noneMatch(finding ->
                        finding.severity() == Severity.ERROR && finding.rule().matches("[WAT]\\d"));
    }

    @Test
    void theTableSaysWhereEachNumberLeads() {
        assertThat(Repeats.table(turns("1-3")))
                .extracting(outcome ->
                        outcome.times() + " " + outcome.length() + " " + outcome.manFree() + " " + outcome.facing())
                .containsExactly("1 3 RF ALOD", "2 6 LF LOD", "3 9 RF ALOD");
    }

    @Test
    void aNumberThatDoesNotFitSaysWhatMendsIt() {
        FigureDraft draft = Charts.figure(
                "foxtrot",
                "2",
                Charts.rows("S|LF|fwd|f LOD", "Q|RF|sd", "Q|LF|cl", "S|RF|fwd", "Q|LF|sd", "Q|RF|cl"),
                Charts.rows("S|RF|bk|b LOD", "Q|LF|sd", "Q|RF|cl", "S|LF|bk", "Q|RF|sd", "Q|LF|cl"));
        Figure figure = Charts.read(draft.withVariants(new VariantsDraft(
                List.of(),
                List.of(),
                List.of(),
                Optional.of(new RepeatDraft(1, 3, Optional.empty(), Optional.empty(), "1-3")),
                Optional.empty(),
                Optional.empty(),
                List.of())));
        assertThat(Repeats.table(figure)).extracting(RepeatOutcome::fits).containsExactly(true, false, true);
        assertThat(Repeats.table(figure).get(1).mend()).contains("1 or 3 times").contains("replace");
    }
}
