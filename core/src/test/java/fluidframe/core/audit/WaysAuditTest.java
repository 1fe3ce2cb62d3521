package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Way;
import fluidframe.core.figure.Ways;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RowChangeDraft;
import fluidframe.core.notation.FigureDraft.SplitDraft;
import fluidframe.core.notation.FigureDraft.UsageDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.FigureDraft.VariationDraft;
import fluidframe.core.notation.RowDraft;
import fluidframe.core.time.Beats;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WaysAuditTest {

    private static RowChangeDraft cell(int row, Column column, String text) {
        return new RowChangeDraft(row, new RowDraft(Map.of(column, text)));
    }

    private static VariationDraft changed(String name, RowChangeDraft... man) {
        return new VariationDraft(name, List.of(man), List.of(), Optional.empty());
    }

    private static FigureDraft finished(FigureDraft draft, VariationDraft... finishes) {
        return draft.withVariants(new VariantsDraft(
                List.of(),
                List.of(),
                Arrays.asList(finishes),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of()));
    }

    private static FigureDraft parted(FigureDraft draft, SplitDraft... splits) {
        return draft.withVariants(new VariantsDraft(
                List.of(),
                Arrays.asList(splits),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of()));
    }

    @Test
    void aFinishThatPutsTheSameFootDownTwiceIsFoundThere() {
        FigureDraft twice = finished(Danced.figure("natural turn"), changed("again", cell(6, Column.FOOT, "RF")));

        assertThat(found(twice, "W1")).singleElement().satisfies(finding -> {
            assertThat(finding.place().pointer()).isEqualTo("/finishes/0/man/0");
            assertThat(finding.sentence()).startsWith("Danced with the finish \"again\": ");
        });
    }

    @ParameterizedTest
    @CsvSource({"natural turn, 3, 4, T2", "feather step, 3, S, T2"})
    void aFinishThatLastsTooLongIsFound(String figure, int row, String count, String rule) {
        FigureDraft draft = Danced.figure(figure);
        int last = draft.man().size();
        FigureDraft late =
                finished(draft, changed("late", cell(last, Column.COUNT, count.equals("4") ? "3-1" : count)));

        assertThat(found(late, rule)).isNotEmpty();
    }

    @Test
    void aWayLastsAsLongAsItsOwnCount() {
        FigureDraft late = finished(
                Danced.figure("feather step"),
                new VariationDraft(
                        "slow",
                        List.of(cell(3, Column.COUNT, "S")),
                        List.of(cell(3, Column.COUNT, "S")),
                        Optional.empty()));

        assertThat(Ways.danced(Charts.read(late), Way.AS_CHARTED.withFinish("slow"))
                        .length())
                .isEqualTo(Beats.of(5));
    }

    @Test
    void aHeelInsideALockIsFoundInAFinishToo() {
        FigureDraft heel = finished(
                Danced.figure("forward lock"),
                changed("heavy", cell(3, Column.FOOTWORK, "TH")),
                changed("light", cell(3, Column.FOOTWORK, "T")));

        assertThat(found(heel, "F5"))
                .extracting(finding -> finding.place().pointer())
                .containsExactly("/finishes/0/man/0");
    }

    @Test
    void aLadyWhoTurnsOtherwiseInAnEntryIsFound() {
        VariationDraft apart = new VariationDraft(
                "apart",
                List.of(new RowChangeDraft(2, new RowDraft(Map.of(Column.TURN, "1/4 L", Column.ALIGNMENT, "b LOD")))),
                List.of(),
                Optional.empty());
        FigureDraft draft = Danced.figure("natural turn");
        FigureDraft entered = draft.withVariants(new VariantsDraft(
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(apart),
                UsageDraft.PLAIN));

        assertThat(found(entered, "A1"))
                .isNotEmpty()
                .allSatisfy(finding -> assertThat(finding.sentence()).contains("\"apart\""));
        assertThat(found(draft, "A1")).isEmpty();
    }

    @Test
    void whatTheChartsAreFoundToHaveIsNotSaidAgainForAWay() {
        FigureDraft draft = Danced.figure("natural turn").withCell(Part.LADY, 0, Column.FOOTWORK, "HT");

        assertThat(found(finished(draft, changed("same", cell(6, Column.NOTE, "softly"))), "F2"))
                .hasSize(1);
    }

    @Test
    void aPartMayNotCutALock() {
        FigureDraft draft = Danced.figure("forward lock");

        assertThat(found(parted(draft, new SplitDraft("half", 1, 2)), "T8"))
                .extracting(Finding::sentence)
                .singleElement()
                .asString()
                .contains("lock");
        assertThat(found(parted(draft, new SplitDraft("first", 1, 1)), "T8")).isEmpty();
    }

    @Test
    void aPartMayNotCutAChasse() {
        FigureDraft chasse = Charts.figure(
                "quickstep",
                "2",
                Charts.rows("S|LF|fwd|f LOD", "Q|RF|sd", "Q|LF|cl", "S|RF|sd", "S|LF|fwd"),
                Charts.rows("S|RF|bk|b LOD", "Q|LF|sd", "Q|RF|cl", "S|LF|sd", "S|RF|bk"));

        assertThat(found(
                        parted(chasse, new SplitDraft("2", 1, 2), new SplitDraft("3", 1, 3), new SplitDraft("4", 1, 4)),
                        "T8"))
                .extracting(finding -> finding.place().pointer())
                .containsExactly("/splits/0", "/splits/1");
    }

    @Test
    void partsLieInsideEachOtherOrApart() {
        FigureDraft draft = Danced.figure("natural turn");

        assertThat(found(
                        parted(
                                draft,
                                new SplitDraft("1–3", 1, 3),
                                new SplitDraft("4–6", 4, 6),
                                new SplitDraft("1–6", 1, 6)),
                        "T8"))
                .isEmpty();
        assertThat(found(parted(draft, new SplitDraft("1–4", 1, 4), new SplitDraft("3–6", 3, 6)), "T8"))
                .hasSize(1);
    }

    @Test
    void anEntryAndAFinishAreDancedTogether() {
        FigureDraft draft = Danced.figure("natural turn");
        FigureDraft both = draft.withVariants(new VariantsDraft(
                List.of(),
                List.of(),
                List.of(changed("late", cell(6, Column.NOTE, "held"))),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(changed("outside", cell(1, Column.FOOT_POSITION, "fwd CBMP OP"))),
                UsageDraft.PLAIN));

        assertThat(Ways.of(Charts.read(both)).keySet())
                .contains(Way.AS_CHARTED.withEntry("outside").withFinish("late"));
    }

    @Test
    void fromTheOtherFootIsTheMirrorBegunWhereItIsCharted() {
        FigureDraft draft = Danced.figure("basic in place");
        FigureDraft either = draft.withVariants(new VariantsDraft(
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                new UsageDraft(true, Optional.empty(), Optional.empty(), Optional.empty())));

        var other = Ways.danced(Charts.read(either), Way.AS_CHARTED.onOtherFoot());

        assertThat(other.man().steps().get(0).foot()).hasToString("Optional[RF]");
        assertThat(other.startHeading()).isEqualTo(Charts.read(draft).startHeading());
        assertThat(Audit.of(other))
                .filteredOn(finding -> finding.severity() == Severity.ERROR)
                .isEmpty();
    }
}
