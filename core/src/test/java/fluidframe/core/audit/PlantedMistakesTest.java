package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Mute;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.RowChangeDraft;
import fluidframe.core.notation.FigureDraft.TimingDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.FigureDraft.VariationDraft;
import fluidframe.core.notation.RowDraft;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One cell of a complete figure is made wrong; the right rule must say so at the right cell. */
class PlantedMistakesTest {

    @ParameterizedTest(name = "{6}: {0}, {1} step {2} {3} \"{4}\"")
    @CsvSource(
            delimiter = ';',
            nullValues = "nothing",
            value = {
                "natural turn; MAN; 1; COUNT; S; ERROR; T1; /man/0/count",
                "natural turn; MAN; 6; COUNT; 1; ERROR; T2; /man/5/count",
                "feather step; MAN; 3; COUNT; S; ERROR; T2; /man/2/count",
                "basic in place; LADY; 1; COUNT; 1; ERROR; T3; /lady/0/count",
                "feather step; LADY; 3; COUNT; S; ERROR; T4; /lady/2/count",
                "feather step; MAN; 2; WORDS; 4; ERROR; T5; /man/0/words",
                "change step; MAN; 2; COUNT; 1; ERROR; T2; /man/1/count",
                "forward lock; MAN; 3; COUNT; &; ERROR; T2; /man/3/count",
                "natural turn; MAN; 4; FOOT; RF; ERROR; W1; /man/3/foot",
                "natural turn; LADY; 2; FOOT; LF; ERROR; W1; /lady/1/foot",
                "basic in place; MAN; 3; FOOT_POSITION; tap sd; ERROR; W2; /man/3/foot",
                "natural turn; LADY; 1; FOOT; RF; ERROR; W3; /lady/0/foot",
                "spot turns; LADY; 1; FOOT_POSITION; fwd across pw; ERROR; W4; /lady/0/footPosition",
                "spot turns; MAN; 1; COUNT; (2); ERROR; W4; /man/0/count",
                "spot turns; MAN; 1; FOOT; both; ERROR; W4; /man/0/foot",
                "spot turns; MAN; 1; TURN; '1/4 L, on 1/2 L'; WARNING; W5; /man/0/turn",
                "natural turn; MAN; 5; TURN; '1/4 R, body less'; ERROR; A1; /man/4/turn",
                "natural turn; MAN; 3; ALIGNMENT; b DC-A; ERROR; A1; /man/2/alignment",
                "natural turn; LADY; 5; TURN; 1/8 R; ERROR; A1; /lady/4/turn",
                "spot turns; LADY; 3; ALIGNMENT; f W; ERROR; A1; /lady/2/alignment",
                "closed promenade; MAN; 3; RELATION; nothing; ERROR; P1; /man/3/relation",
                "whisk; LADY; 3; FOOT_POSITION; XB in CPP; ERROR; P1; /lady/2/footPosition",
                "closed promenade; LADY; 3; RELATION; hold double; ERROR; P1; /man/3/relation",
                "feather step; MAN; 1; FOOTWORK; T; WARNING; F1; /man/0/footwork",
                "slow walks; MAN; 2; FOOTWORK; BF; WARNING; F1; /man/1/footwork",
                "natural turn; LADY; 1; FOOTWORK; HT; WARNING; F2; /lady/0/footwork",
                "natural turn; MAN; 3; FOOTWORK; T; ERROR; F3; /man/2/footwork",
                "feather step; MAN; 2; FOOTWORK; TH; ERROR; F3; /man/1/footwork",
                "feather step; MAN; 2; FOOTWORK; HT; ERROR; F3; /man/1/footwork",
                "basic in place; LADY; 4; FOOTWORK; HT; WARNING; F4; /lady/3/footwork",
                "forward lock; MAN; 3; FOOTWORK; TH; ERROR; F5; /man/2/footwork",
                "forward lock cha cha; LADY; 4; FOOTWORK; BF; ERROR; F5; /lady/3/footwork",
                "forward lock cha cha; MAN; 4; FOOTWORK; BFH; ERROR; F5; /man/3/footwork",
                "whisk to left; MAN; 2; FOOTWORK; BH; WARNING; F6; /man/1/footwork",
                "basic in place; MAN; 6; FOOT_POSITION; tap; NOTE; F7; /man/5/footwork",
                "natural turn; MAN; 3; RISE; cont; ERROR; R1; /man/2/rise",
                "natural turn; MAN; 1; RISE; nothing; ERROR; R1; /man/1/rise",
                "natural turn; MAN; 2; RISE; cr; ERROR; R1; /man/1/rise",
                "natural turn; LADY; 6; RISE; up; ERROR; R1; /lady/5/rise",
                "progressive link; MAN; 1; RISE; cr e1; ERROR; R2; /man/0/rise",
                "whisk to left; LADY; 1; RISE; up; ERROR; R2; /lady/0/rise",
                "natural turn; LADY; 1; RISE; cr e1; NOTE; R3; /lady/0/rise",
                "natural turn; MAN; 2; SWAY; L; WARNING; S1; /man/1/sway",
                "feather step; LADY; 3; SWAY; R; WARNING; S1; /lady/2/sway",
                "basic in place; MAN; 3; SWAY; R; WARNING; S2; /man/2/sway",
                "natural turn; MAN; 1; CBM; nothing; WARNING; C1; /man/0/cbm",
                "feather step; MAN; 3; FOOT_POSITION; fwd OP; WARNING; C1; /man/2/footPosition",
                "closed promenade; LADY; 2; FOOT_POSITION; fwd in PP; WARNING; C1; /lady/1/footPosition",
                "feather step; MAN; 2; FOOT_POSITION; fwd; WARNING; P2; /man/2/footPosition",
                "basic in place; MAN; 1; BODY; settle L @1; ERROR; B1; /man/0/body",
                "spot turns; LADY; 1; TURN; '1/4 L, on 1 1/4 L'; WARNING; A5; /lady/0/turn",
                "natural turn; MAN; 2; TURN; 1/2 R; WARNING; A5; /man/1/turn",
                "forward lock; LADY; 3; NOTE; nothing; NOTE; L1; /cautions"
            })
    void isFoundAtItsCell(
            String figure,
            Part part,
            int step,
            Column column,
            String wrong,
            Severity severity,
            String rule,
            String pointer) {
        FigureDraft broken = Danced.figure(figure).withCell(part, step - 1, column, wrong == null ? "" : wrong);
        assertThat(found(broken, rule)).anySatisfy(finding -> {
            assertThat(finding.place().pointer()).isEqualTo(pointer);
            assertThat(finding.severity()).isEqualTo(severity);
            assertThat(finding.sentence()).endsWith(".");
        });
    }

    @Test
    void aNamedTimingMustFillTheSameBeatsAndRows() {
        FigureDraft draft = Danced.figure("feather step");
        FigureDraft timed = draft.withVariants(timings(
                new TimingDraft("even", "S S S", "S Q Q"),
                new TimingDraft("short", "S Q Q", "S S"),
                new TimingDraft("held", "1 2 4", "1 3 4")));
        assertThat(found(timed, "T6"))
                .extracting(finding -> finding.place().pointer())
                .containsExactly("/timings/0/man", "/timings/1/lady");
    }

    @Test
    void theSecondFormOfTheCountIsComparedRowByRow() {
        FigureDraft both = Danced.figure("feather step")
                .withCell(Part.MAN, 0, Column.WORDS, "1-2")
                .withCell(Part.MAN, 1, Column.WORDS, "3")
                .withCell(Part.MAN, 2, Column.WORDS, "4");
        assertThat(found(both, "T5")).isEmpty();
        assertThat(found(both.withCell(Part.MAN, 1, Column.WORDS, "2"), "T5"))
                .extracting(finding -> finding.place().pointer())
                .containsExactly("/man/0/words");
    }

    @Test
    void tooFastAStepIsFoundExceptWhereTheDanceIsMadeOfSuchSteps() {
        FigureDraft run = Charts.figure(
                "quickstep",
                "1",
                Charts.rows("1|RF|fwd", "a|LF|fwd", "2|RF|fwd", "3|LF|fwd", "4|RF|cl"),
                Charts.rows("1|LF|bk", "a|RF|bk", "2|LF|bk", "3|RF|bk", "4|LF|cl"));
        assertThat(found(run, "T7"))
                .extracting(finding -> finding.place().pointer())
                .containsExactly("/man/1/count", "/lady/1/count");
        assertThat(found(Danced.figure("whisk to left"), "T7")).isEmpty();
    }

    @Test
    void positionsThatCannotBeAreFoundWhereTheyAreStated() {
        FigureDraft apart = Danced.figure("change step")
                .withCell(Part.MAN, 1, Column.RELATION, "shadow R")
                .withCell(Part.MAN, 2, Column.RELATION, "closed");
        assertThat(found(apart, "A3")).singleElement().satisfies(finding -> {
            assertThat(finding.place().pointer()).isEqualTo("/man/1/relation");
            assertThat(finding.stated()).isEqualTo("180°");
        });
    }

    @Test
    void aStatedEndThatNoRowReachesOffersToSayIt() {
        FigureDraft draft = Danced.figure("change step");
        FigureDraft ends = Charts.figure(
                "viennese-waltz", "1", "closed; closed", "closed facing; closed", draft.man(), draft.lady());
        assertThat(found(ends, "P1")).singleElement().satisfies(finding -> {
            assertThat(finding.place().pointer()).isEqualTo("/man/2/relation");
            assertThat(finding.fixes())
                    .singleElement()
                    .satisfies(fix ->
                            assertThat(found(Audit.apply(ends, fix), "P1")).isEmpty());
        });
    }

    @Test
    void itMayOnlyStartWhereItSays() {
        FigureDraft draft = Danced.figure("natural turn");
        assertThat(found(startingOn(draft, "f DC", "f C"), "A4"))
                .extracting(finding -> finding.place().pointer())
                .containsExactly("/man/0/alignment");
        assertThat(found(startingOn(draft, "f DC", "f DW"), "A4")).isEmpty();
    }

    @Test
    void aFinishMustAddUpInBothParts() {
        FigureDraft draft = Danced.figure("natural turn");
        VariationDraft good = new VariationDraft(
                "over",
                List.of(change(5, "p LOD", "1/2 R, body less"), change(6, "f LOD", "body completes")),
                List.of(change(6, "b LOD", "1/4 R")),
                Optional.empty());
        VariationDraft lopsided = new VariationDraft(
                "lopsided",
                List.of(change(5, "p C", "1/4 R, body less"), change(6, "f C", "body completes")),
                List.of(),
                Optional.empty());
        VariationDraft wrong = new VariationDraft(
                "wrong", List.of(change(5, "p LOD", "3/8 R, body less")), List.of(), Optional.empty());
        FigureDraft finished = draft.withVariants(new VariantsDraft(
                List.of(),
                List.of(),
                List.of(good, lopsided, wrong),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of()));
        assertThat(found(finished, "A4"))
                .extracting(finding -> finding.place().pointer())
                .containsExactly("/finishes/2/man/0");
    }

    @Test
    void aUnitThatEndsOnTheWrongFootNamesTheNumbersThatWork() {
        FigureDraft walks = Charts.figure(
                "foxtrot",
                "2.5",
                Charts.rows("S|LF|fwd|f LOD", "S|RF|fwd", "S|LF|fwd", "S|RF|fwd", "Q|LF|sd", "Q|RF|cl"),
                Charts.rows("S|RF|bk|b LOD", "S|LF|bk", "S|RF|bk", "S|LF|bk", "Q|RF|sd", "Q|LF|cl"));
        FigureDraft threes = walks.withVariants(repeat(1, 3, "1-4"));
        assertThat(found(threes, "W6")).singleElement().satisfies(finding -> {
            assertThat(finding.place().pointer()).isEqualTo("/repeat/times");
            assertThat(finding.sentence())
                    .contains("2, 4 times")
                    .contains("which the man starts with RF")
                    .contains("replace");
            assertThat(finding.fixes())
                    .singleElement()
                    .satisfies(fix -> assertThat(fix.text()).isEqualTo("1, 3"));
        });
        assertThat(found(walks.withVariants(repeat(1, 2, "1-4")), "W6")).isEmpty();
    }

    @Test
    void aSchoolMustBeDancedByBoth() {
        FigureDraft draft = Danced.figure("basic in place");
        VariationDraft one = new VariationDraft(
                "contemporary",
                List.of(new RowChangeDraft(1, new RowDraft(Map.of(Column.BODY, "ribs L")))),
                List.of(),
                Optional.empty());
        FigureDraft lopsided = draft.withVariants(new VariantsDraft(
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.of("classic"),
                Optional.of("contemporary"),
                List.of(one)));
        assertThat(found(lopsided, "V1"))
                .extracting(finding -> finding.place().pointer())
                .containsExactly("/school/lady", "/schools/0/lady");
    }

    @Test
    void farApartIsAnErrorAndALittleTooFarAWarning() {
        assertThat(found(standing("apart; no hold", "open facing"), "G1"))
                .extracting(Finding::severity)
                .containsExactly(Severity.WARNING);
        assertThat(found(standing("apart; no hold", "closed"), "G1"))
                .extracting(Finding::severity)
                .containsExactly(Severity.ERROR);
        assertThat(found(standing("apart; no hold", "open facing, extended"), "G1"))
                .isEmpty();
    }

    /** They stand a metre and a half apart and the second row claims a position. */
    private static FigureDraft standing(String start, String claimed) {
        return Charts.figure(
                "foxtrot",
                "1",
                start,
                start,
                Charts.rows("S|LF|ip|f LOD", "Q|RF|ip|||" + claimed, "Q|LF|ip|||apart"),
                Charts.rows("S|RF|ip|b LOD", "Q|LF|ip", "Q|RF|ip"));
    }

    @Test
    void pathsThatLeadApartAreFound() {
        FigureDraft away = Charts.figure(
                "foxtrot",
                "1.5",
                Charts.rows("S|LF|bk|f LOD", "S|RF|bk", "S|LF|bk"),
                Charts.rows("S|RF|bk|b LOD", "S|LF|bk", "S|RF|bk"));
        assertThat(found(away, "G3")).hasSize(1);
    }

    @Test
    void feetInOnePlaceAreFound() {
        FigureDraft trodden = Charts.figure(
                "foxtrot",
                "1",
                "closed facing; closed",
                "closed facing; closed",
                Charts.rows("S|LF|ip|f LOD", "Q|RF|tap fwd long", "Q|RF|cl"),
                Charts.rows("S|RF|ip|b LOD", "Q|LF|ip", "Q|RF|ip"));
        assertThat(found(trodden, "G2")).isNotEmpty();
    }

    @Test
    void aMutedFindingIsKeptWithItsReason() {
        FigureDraft draft = Danced.figure("natural turn").withCell(Part.LADY, 0, Column.FOOTWORK, "HT");
        Mute mute = new Mute("F2", "/lady/0/footwork", "danced as a show step");
        assertThat(found(Findings.muting(draft, mute), "F2"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.muted()).contains("danced as a show step"));
        assertThat(found(Findings.muting(draft, new Mute("F2", "/man/0/footwork", "elsewhere")), "F2"))
                .noneMatch(Finding::isMuted);
    }

    private static VariantsDraft timings(TimingDraft... timings) {
        return new VariantsDraft(
                List.of(timings),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    private static VariantsDraft repeat(int first, int last, String times) {
        return new VariantsDraft(
                List.of(),
                List.of(),
                List.of(),
                Optional.of(new RepeatDraft(first, last, Optional.empty(), Optional.empty(), times)),
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    private static RowChangeDraft change(int row, String alignment, String turn) {
        return new RowChangeDraft(row, new RowDraft(Map.of(Column.ALIGNMENT, alignment, Column.TURN, turn)));
    }

    private static FigureDraft startingOn(FigureDraft draft, String... alignments) {
        return draft.withStartAlignments(List.of(alignments));
    }
}
