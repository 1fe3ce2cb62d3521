package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.RowDraft;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Mistakes of technique that a coach sees at once, each beside the form that is right. */
class TechniqueMistakesTest {

    private static FigureDraft changed(String figure, Part part, int row, Column column, String text) {
        return Danced.figure(figure).withCell(part, row - 1, column, text);
    }

    @ParameterizedTest(name = "{0}, {1} {2}, {3}: {4} is against {6}, {5} is not")
    @CsvSource(
            delimiter = '|',
            value = {
                "natural turn   | MAN  | 3 | ACTION        | lock            | hover         | W7",
                "forward lock   | MAN  | 3 | FOOT_POSITION | cl              | XB            | W7",
                "natural turn   | MAN  | 3 | FOOT_POSITION | cl across       | cl            | W7",
                "natural turn   | MAN  | 2 | FOOT_POSITION | sd CBMP         | sd            | C2",
                "natural turn   | MAN  | 1 | FOOT_POSITION | fwd LSL         | fwd RSL       | C3",
                "natural turn   | MAN  | 4 | FOOT_POSITION | bk RSL          | bk LSL        | C3",
                "natural turn   | MAN  | 1 | RISE          | cr e2           | cr e1         | R4",
                "natural turn   | MAN  | 4 | CBM           |                 | CBM           | C1",
                "natural turn   | LADY | 4 | CBM           |                 | CBM           | C1",
                "forward lock   | LADY | 3 | FOOT_POSITION | XB              | XF            | P3",
                "feather step   | LADY | 3 | FOOT_POSITION | bk CBMP PO L    | bk CBMP PO    | P3",
                "feather step   | LADY | 2 | FOOT_POSITION | bk LSL          | bk RSL        | P3",
                "basic in place | MAN  | 1 | FOOTWORK      | HF              | BF            | F4"
            })
    void aMistakeIsFoundAndTheRightFormIsLeftAlone(
            String figure, Part part, int row, Column column, String mistake, String right, String rule) {
        String text = mistake == null ? "" : mistake;
        assertThat(found(changed(figure, part, row, column, text), rule))
                .extracting(finding -> finding.place().part())
                .isNotEmpty();
        assertThat(found(changed(figure, part, row, column, right), rule)).isEmpty();
    }

    private static FigureDraft heelTurn(String position, String footwork, String action) {
        return Charts.figure(
                "waltz",
                "1",
                Charts.chart(
                        "count|foot|footPosition|alignment|turn|footwork|action",
                        "1|LF|bk|b LOD||TH",
                        "2|RF|" + position + "|f DC|3/8 R|" + footwork + "|" + action,
                        "3|LF|sd sl bk|b DC-A|1/4 R|TH"),
                Charts.rows("1|RF|fwd|f LOD", "2|LF|sd|b DC|3/8 R", "3|RF|diag fwd|f DC-A|1/4 R"));
    }

    @ParameterizedTest
    @CsvSource({
        "cl, HT, heel turn, 0",
        "sd, HT, heel turn, 1",
        "sd small, HT, heel turn, 1",
        "cl, T, heel turn, 1",
        "sd small, IE BF, heel pull, 0",
        "sd, HT, heel pull, 1",
        "sd small, T, heel pull, 1",
        "cl, HT, '', 0"
    })
    void aHeelTurnClosesOnTheHeel(String position, String footwork, String action, int findings) {
        assertThat(found(heelTurn(position, footwork, action), "F8")).hasSize(findings);
    }

    @Test
    void aHeelCannotLeadBeforeTheCoupleHaveLowered() {
        String columns = "count|foot|footPosition|alignment|turn|rise|footwork";
        List<RowDraft> lady = Charts.rows("1|LF|bk|b LOD", "2|RF|sd", "3|LF|cl", "1|RF|bk", "2|LF|sd", "3|RF|cl");
        FigureDraft up = Charts.figure(
                "waltz",
                "2",
                Charts.chart(
                        columns,
                        "1|RF|fwd|f LOD||cr e1|HT",
                        "2|LF|sd|||cont|T",
                        "3|RF|cl|||up|T",
                        "1|LF|fwd||||HT",
                        "2|RF|sd||||T",
                        "3|LF|cl||||TH"),
                lady);

        assertThat(found(up, "F9"))
                .extracting(finding -> finding.place().pointer())
                .containsExactly("/man/3/footwork");
        assertThat(found(up.withCell(Part.MAN, 2, Column.RISE, "up, lo e3"), "F9"))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"rumba, false", "paso-doble, true"})
    void onlyAMarchLeadsForwardWithTheHeel(String dance, boolean marches) {
        String bars = dance.equals("rumba") ? "1" : "1.5";
        String counts = dance.equals("rumba") ? "2,3,4-1" : "1,2,1";
        String[] count = counts.split(",");
        FigureDraft forward = walk(dance, bars, count, "fwd", "bk");
        FigureDraft back = walk(dance, bars, count, "bk", "fwd");

        assertThat(found(forward, "F4")).hasSize(marches ? 0 : 1);
        assertThat(found(back, "F4")).hasSize(1);
    }

    private static FigureDraft walk(String dance, String bars, String[] count, String his, String hers) {
        return Charts.figure(
                dance,
                bars,
                "closed facing; closed",
                "closed facing; closed",
                Charts.chart(
                        "count|foot|footPosition|alignment|footwork",
                        count[0] + "|LF|" + his + "|f LOD|HF",
                        count[1] + "|RF|" + his + "||BF",
                        count[2] + "|LF|" + his + "||BF"),
                Charts.rows(count[0] + "|RF|" + hers + "|b LOD", count[1] + "|LF|" + hers, count[2] + "|RF|" + hers));
    }

    /** Bodies at arm's length: what their own steps do to the distance, not what a fit could make of it. */
    @ParameterizedTest(name = "{0} with {1}: she goes {3}")
    @CsvSource({
        "open facing, L-to-R, ip, bk, 1",
        "open facing, L-to-R, ip, fwd, 1",
        "open facing, double, ip, bk, 1",
        "open facing, L-to-R, fwd, bk, 0",
        "open facing, L-to-R, ip, ip, 0",
        "apart, no hold, fwd, fwd, 1",
        "open facing, L-to-R, ip, bk small, 0"
    })
    void joinedHandsReachNoFartherThanArms(String position, String hold, String his, String hers, int findings) {
        FigureDraft walk = Charts.figure(
                "rumba",
                "1",
                position + "; " + hold,
                position + "; " + hold,
                Charts.rows("2|LF|" + his + "|f W", "3|RF|" + his, "4-1|LF|" + his),
                Charts.rows("2|RF|" + hers + "|b W", "3|LF|" + hers, "4-1|RF|" + hers));
        assertThat(found(walk, "G5")).hasSize(findings);
    }

    @ParameterizedTest
    @CsvSource({
        "PP; R-to-R, 1",
        "PP; closed, 0",
        "open facing; closed, 1",
        "open facing; R-to-R, 0",
        "closed; no hold, 1",
        "closed facing; no hold, 0",
        "tandem; closed, 1"
    })
    void handsAreJoinedOnlyWhereTheyReach(String relation, int findings) {
        boolean promenade = relation.startsWith("PP");
        String hers = promenade ? "f DC" : relation.startsWith("tandem") ? "f DW" : "b DW";
        FigureDraft standing = Charts.figure(
                "tango", "0.5", relation, relation, Charts.rows("S|LF|ip|f DW"), Charts.rows("S|RF|ip|" + hers));
        assertThat(found(standing, "P4")).hasSize(findings);
    }

    @ParameterizedTest
    @CsvSource({"lead with the left hand, 0", "lead with the right hand, 1", "release the right hand, 0"})
    void aLeadIsGivenWithAHandThatHolds(String lead, int findings) {
        FigureDraft led = Charts.figure(
                        "rumba",
                        "1",
                        "open facing; L-to-R",
                        "open facing; L-to-R",
                        Charts.rows("2|LF|fwd|f W", "3|RF|ip", "4-1|LF|cl"),
                        Charts.rows("2|RF|bk|b W", "3|LF|ip", "4-1|RF|cl"))
                .withCell(Part.MAN, 0, Column.LEAD, lead);
        assertThat(found(led, "P4")).hasSize(findings);
    }

    @Test
    void whoTurnsWithinBothHandsReleasesOne() {
        FigureDraft wound = Charts.figure(
                "rumba",
                "1",
                "open facing; double",
                "open facing; double",
                Charts.rows("2|LF|ip|f W", "3|RF|ip", "4-1|LF|ip"),
                Charts.rows("2|RF|fwd|b W", "3|LF|ip|b W|1 L", "4-1|RF|ip|b W"));
        assertThat(found(wound, "P4"))
                .singleElement()
                .satisfies(finding ->
                        assertThat(finding.sentence()).contains("release a hand on step 2", "take it again on step 3"));
        FigureDraft released = wound.withCell(Part.MAN, 0, Column.RELATION, "hold L-to-R")
                .withCell(Part.MAN, 2, Column.RELATION, "hold double");
        assertThat(found(released, "P4")).isEmpty();
    }

    @Test
    void aBodyThatHasToFlyIsFoundWithTheStepThatCouldShareTheWay() {
        FigureDraft thrown = Charts.figure(
                "jive",
                "1.5",
                "closed facing; closed",
                "open facing; L-to-R",
                Charts.rows(
                        "Q|LF|sd small|f LOD",
                        "a|RF|cl",
                        "Q|LF|ip|||apart, L-to-R",
                        "Q|RF|ip",
                        "a|LF|cl",
                        "Q|RF|ip|||open facing",
                        "Q|LF|bk",
                        "Q|RF|ip"),
                Charts.rows(
                        "Q|RF|sd small|b LOD",
                        "a|LF|cl",
                        "Q|RF|bk|||apart, L-to-R",
                        "Q|LF|bk long",
                        "a|RF|bk long",
                        "Q|LF|fwd long|||open facing",
                        "Q|RF|bk",
                        "Q|LF|ip"));
        assertThat(found(thrown, "G4"))
                .isNotEmpty()
                .allSatisfy(finding -> assertThat(finding.sentence()).contains("m/s", "could take a share"));
    }

    @ParameterizedTest
    @CsvSource({"spin, 1/2 R, '', 0", "spin, 1 R, '', 1", "spin, 1 R, spin, 0", "'', 1/8 R, spin, 1"})
    void aCautionIsThereWhereAndOnlyWhereTheContentAsksForIt(String action, String turn, String caution, int findings) {
        FigureDraft spun = Charts.figure(
                "rumba",
                "1",
                "open facing; no hold",
                "open facing; no hold",
                Charts.rows("2|LF|ip|f W", "3|RF|ip", "4-1|LF|ip"),
                Charts.chart(
                        "count|foot|footPosition|alignment|turn|action",
                        "2|RF|fwd|b W",
                        "3|LF|ip||" + turn + "|" + action,
                        "4-1|RF|ip"));
        FigureDraft carrying = caution.isEmpty() ? spun : spun.withCautions(List.of(caution));
        assertThat(found(carrying, "L1")).hasSize(findings);
    }

    @Test
    void whatTheRuleOnTurnsSaysFitsWhatItFound() {
        FigureDraft much = changed("natural turn", Part.MAN, 2, Column.TURN, "1/2 R");
        assertThat(found(much, "A5"))
                .first()
                .satisfies(finding -> assertThat(finding.sentence())
                        .contains("makes half a turn", "three eighths of a turn is the most"));
    }
}
