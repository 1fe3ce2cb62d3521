package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.notation.FigureDraft;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Rules that look at a row and at its neighbours: each case beside the nearest that is right, with the row that is
 * named.
 */
class StepRulesTest {

    private static final String HEADER = "count|foot|footPosition|rise|footwork|cbm|action|words";

    private static FigureDraft waltz(String first, String second, String third) {
        return Charts.figure(
                "waltz",
                "1",
                Charts.chart(HEADER, "1|RF|" + first, "2|LF|" + second, "3|RF|" + third),
                Charts.rows("1|LF|bk|b LOD", "2|RF|sd", "3|LF|cl"));
    }

    private static String places(FigureDraft draft, String rule) {
        return found(draft, rule).stream()
                .map(finding -> finding.place().pointer().replaceAll("/(man|lady)/(\\d+)/.*", "$1 $2"))
                .reduce((one, other) -> one + ", " + other)
                .orElse("none");
    }

    /** In the order in which a body rises: begins, goes on, is up, lowers. */
    @ParameterizedTest(name = "{0} / {1} / {2}")
    @CsvSource(
            delimiter = '!',
            value = {
                "cr e1 ! cont  ! up, lo e3 ! none",
                "up    ! up    ! lo e3     ! none",
                "lo e1 ! -     ! -         ! none",
                "cont  ! up    ! lo        ! man 0",
                "cr e1 ! cr    ! up, lo e3 ! man 1",
                "cr    ! -     ! cr        ! man 1",
                "cr e1 ! lo e2 ! lo e3     ! man 2",
                "cr e1 ! up    ! up        ! man 2",
                "cr e1 ! up    ! rem up    ! none",
                "BR    ! -     ! -         ! none",
                "BR    ! lo    ! -         ! none",
                "NFR   ! cr e2 ! up, lo e3 ! none",
                "NFR   ! up    ! lo        ! none",
                "cr e1 ! up, lo e2 ! cr e3 ! man 2",
                "cr e1 ! rem up ! cr, lo e3 ! man 1"
            })
    void aRiseGoesInItsOrder(String first, String second, String third, String place) {
        assertThat(places(waltz("fwd|" + first.strip(), "sd|" + second.strip(), "cl|" + third.strip()), "R1"))
                .isEqualTo(place);
    }

    /** What a row says of its own rise is held against its footwork. */
    @ParameterizedTest(name = "{0}, {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "up|T|none",
                "up|H|man 1",
                "up|HT|man 1",
                "up|TH|man 1",
                "up, lo e2|TH|none",
                "up, lo e2|T|man 1",
                "lo|WF|none",
                "lo|BF|none",
                "lo|B|man 1",
                "cr|HT|none",
                "cont|T|none",
                "up e5|HT|none",
                "NFR|HT|none"
            })
    void footworkSuitsTheRise(String rise, String footwork, String place) {
        assertThat(places(waltz("fwd|cr e1|HT", "sd|" + rise + "|" + footwork, "cl"), "F3"))
                .isEqualTo(place);
    }

    /** Where the drawn foot's row lowers, the standing heel comes down, and the footwork says so. */
    @ParameterizedTest(name = "{0}, {1}")
    @CsvSource(
            delimiter = '|',
            value = {"lo e3|T|man 2", "lo e3|T sh|none", "lo e3|TH|none", "up|T|none"})
    void aFootWithoutWeightLowersNothing(String rise, String footwork, String place) {
        FigureDraft drawn = Charts.figure(
                "waltz",
                "1",
                Charts.chart(HEADER, "1|RF|fwd|cr e1|HT", "2|LF|sd|up|T", "(3)|RF|br|" + rise + "|" + footwork),
                Charts.rows("1|LF|bk|b LOD", "2|RF|sd", "3|LF|cl"));
        assertThat(places(drawn, "F3")).isEqualTo(place);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "fwd RSL|none",
                "fwd LSL|man 0",
                "fwd LSL RSL|none",
                "sd LSL|none",
                "cl LSL|none",
                "bk LSL|man 0",
                "diag fwd LSL|man 0",
                "diag bk LSL|man 0",
                "diag bk RSL|none",
                "fwd|none"
            })
    void theSideOfTheMovingFootLeads(String position, String place) {
        assertThat(places(waltz(position, "sd", "cl"), "C3")).isEqualTo(place);
    }

    @ParameterizedTest(name = "{0}, {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "XB|lock|none",
                "XF|lock|none",
                "cl|lock|man 2",
                "fwd|lock|man 2",
                "cl across|''|man 2",
                "cl|''|none",
                "fwd across|''|none"
            })
    void aLockCrossesAndWhatClosesDoesNot(String position, String action, String place) {
        assertThat(places(waltz("fwd", "fwd", position + "||||" + action), "W7"))
                .isEqualTo(place);
    }

    private static FigureDraft spoken(String first, String second, String third) {
        return Charts.figure(
                "foxtrot",
                "1",
                Charts.chart(
                        "count|foot|footPosition|alignment|words",
                        "S|LF|fwd|f LOD|" + first,
                        "Q|RF|sd||" + second,
                        "Q|LF|cl||" + third),
                Charts.rows("S|RF|bk|b LOD", "Q|LF|sd", "Q|RF|cl"));
    }

    @ParameterizedTest(name = "{0} {1} {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1-2|3|4|none",
                "''|''|''|none",
                "1-2|''|4|man 1",
                "''|3|4|man 0",
                "1|2|3-4|man 0",
                "1-2|3|&|man 1",
                "4|3|2|man 0"
            })
    void bothFormsOfACountSayTheSame(String first, String second, String third, String place) {
        assertThat(places(spoken(first, second, third), "T5").split(", ")[0]).isEqualTo(place);
    }

    @Test
    void theRowThatSaysOnlyOneIsNamedAndBothLengthsAreSaid() {
        assertThat(found(spoken("1-2", "", "4"), "T5").get(0).sentence())
                .isEqualTo("The other rows give the count in both forms; row 2 gives only one.");
        assertThat(found(spoken("1", "2", "3-4"), "T5").get(0).sentence())
                .isEqualTo("Row 1 lasts 2 beats as S but 1 beat as 1.");
    }
}
