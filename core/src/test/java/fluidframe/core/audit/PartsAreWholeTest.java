package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.SplitDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.RowDraft;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a figure may be left and taken up, cut by cut. */
class PartsAreWholeTest {

    /** A figure of so many steps; the man's rows as given, the lady walking with him. */
    private static FigureDraft walked(String bars, String man) {
        String[] rows = man.split(";");
        String[] lady = IntStream.range(0, rows.length)
                .mapToObj(row -> rows[row].split("\\|")[0] + "|" + (row % 2 == 0 ? "RF" : "LF") + "|bk")
                .toArray(String[]::new);
        lady[0] += "|b LOD";
        return Charts.figure(
                "quickstep", bars, Charts.chart("count|foot|footPosition|alignment|action", rows), Charts.rows(lady));
    }

    private static FigureDraft parted(FigureDraft draft, Optional<RepeatDraft> repeat, SplitDraft... splits) {
        return draft.withVariants(new VariantsDraft(
                List.of(), Arrays.asList(splits), List.of(), repeat, Optional.empty(), Optional.empty(), List.of()));
    }

    private static List<String> cutBefore(FigureDraft draft, int row) {
        int last = draft.man().size();
        return found(parted(draft, Optional.empty(), new SplitDraft("end", row, last)), "T8").stream()
                .map(Finding::sentence)
                .toList();
    }

    /**
     * Two steps to the side with a closing step between them, one of them slow, are what a chassé is; a lock is one
     * wherever it is called so.
     */
    @ParameterizedTest(name = "{0} before step {1}: {2}")
    @CsvSource(
            delimiter = '!',
            value = {
                "S|LF|fwd|f LOD;Q|RF|sd;Q|LF|cl;S|RF|sd;S|LF|fwd             ! 2 ! whole",
                "S|LF|fwd|f LOD;Q|RF|sd;Q|LF|cl;S|RF|sd;S|LF|fwd             ! 3 ! man's chassé",
                "S|LF|fwd|f LOD;Q|RF|sd;Q|LF|cl;S|RF|sd;S|LF|fwd             ! 4 ! man's chassé",
                "S|LF|fwd|f LOD;Q|RF|sd;Q|LF|cl;S|RF|sd;S|LF|fwd             ! 5 ! whole",
                "S|LF|fwd|f LOD;S|RF|sd;S|LF|cl;S|RF|sd                      ! 3 ! whole",
                "S|LF|fwd|f LOD;S|RF|sd;S|LF|cl;S|RF|sd                      ! 4 ! whole",
                "S|LF|fwd|f LOD;Q|RF|sd;Q|LF|cl;S|RF|fwd;S|LF|fwd            ! 3 ! whole",
                "S|LF|fwd|f LOD;Q|RF|fwd;Q|LF|cl;S|RF|sd;S|LF|fwd            ! 4 ! whole",
                "S|LF|fwd|f LOD;Q|RF|fwd;Q|LF|XB||lock;S|RF|fwd;S|LF|fwd   ! 3 ! man's lock",
                "S|LF|fwd|f LOD;Q|RF|fwd;Q|LF|XB||lock;S|RF|fwd;S|LF|fwd   ! 4 ! man's lock",
                "S|LF|fwd|f LOD;Q|RF|fwd;Q|LF|XB||lock;S|RF|cl;S|LF|fwd    ! 4 ! whole",
                "S|LF|fwd|f LOD;S|RF|fwd;S|LF|XB||lock;S|RF|fwd            ! 4 ! whole"
            })
    void aMovementOfTheManIsNotCut(String man, int row, String cut) {
        int quicks = man.split("Q", -1).length - 1;
        List<String> said = cutBefore(
                walked(String.valueOf((man.split("S\\|", -1).length - 1 + quicks / 2) / 2), man.strip()), row);

        assertThat(said)
                .hasSize(cut.equals("whole") ? 0 : 1)
                .allSatisfy(sentence -> assertThat(sentence).contains("cuts the " + cut + " in half"));
    }

    @Test
    void norIsOneOfTheLady() {
        List<RowDraft> man = Charts.rows("S|LF|fwd|f LOD", "Q|RF|fwd", "Q|LF|fwd", "S|RF|fwd", "S|LF|fwd");
        List<RowDraft> chasse = Charts.rows("S|RF|bk|b LOD", "Q|LF|sd", "Q|RF|cl", "S|LF|sd", "S|RF|bk");
        List<RowDraft> slower = Charts.rows("S|RF|bk|b LOD", "S|LF|bk", "S|RF|bk", "S|LF|bk");

        assertThat(cutBefore(Charts.figure("quickstep", "2", man, chasse), 3))
                .singleElement()
                .asString()
                .contains("the lady's chassé");
        assertThat(cutBefore(Charts.figure("quickstep", "2", man, slower), 3))
                .singleElement()
                .asString()
                .contains("the lady's step 2");
        assertThat(cutBefore(Charts.figure("quickstep", "2", man, slower), 4)).isEmpty();
    }

    @Test
    void aCutAfterThePartCountsAsOneBeforeIt() {
        FigureDraft draft = walked("2", "S|LF|fwd|f LOD;Q|RF|sd;Q|LF|cl;S|RF|sd;S|LF|fwd");

        assertThat(found(parted(draft, Optional.empty(), new SplitDraft("begin", 1, 3)), "T8"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.severity()).isEqualTo(Severity.ERROR));
        assertThat(found(parted(draft, Optional.empty(), new SplitDraft("all", 1, 5)), "T8"))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"2, 3, 2, true", "2, 3, 3, false", "2, 3, 4, true", "1, 4, 3, true"})
    void aUnitThatIsRepeatedIsNotCut(int first, int last, int row, boolean whole) {
        FigureDraft draft = walked("2", "S|LF|fwd|f LOD;S|RF|fwd;S|LF|fwd;S|RF|fwd");
        FigureDraft repeated = parted(
                draft,
                Optional.of(new RepeatDraft(first, last, Optional.empty(), Optional.empty(), "1-2")),
                new SplitDraft("end", row, 4));

        assertThat(found(repeated, "T8"))
                .hasSize(whole ? 0 : 1)
                .allSatisfy(finding -> assertThat(finding.sentence()).contains("the unit that is repeated"));
    }

    @ParameterizedTest
    @CsvSource({
        "1, 3, 4, 6, true",
        "1, 3, 3, 6, false",
        "4, 6, 1, 3, true",
        "1, 6, 2, 5, true",
        "2, 5, 1, 6, true",
        "1, 4, 1, 6, true",
        "3, 6, 1, 6, true",
        "1, 4, 2, 6, false",
        "2, 6, 1, 4, false"
    })
    void partsLieInsideEachOtherOrApart(int first, int last, int otherFirst, int otherLast, boolean right) {
        FigureDraft draft = parted(
                Danced.figure("natural turn"),
                Optional.empty(),
                new SplitDraft("one", first, last),
                new SplitDraft("other", otherFirst, otherLast));

        assertThat(found(draft, "T8").stream().filter(finding -> finding.severity() == Severity.WARNING))
                .hasSize(right ? 0 : 1)
                .allSatisfy(finding -> assertThat(finding.sentence()).contains("\"one\" and \"other\""));
    }
}
