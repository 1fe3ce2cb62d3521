package fluidframe.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.notation.FigureDraft;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Turn and alignment that disagree: which of the two is blamed, and what is offered. */
class TurnAccountAgreesTest {

    private static FigureDraft turning(String second, String third) {
        return Charts.figure(
                "waltz",
                "1",
                Charts.rows("1|RF|fwd|f LOD", "2|LF|sd|" + second, "3|RF|cl|" + third),
                Charts.rows("1|LF|bk|b LOD", "2|RF|sd", "3|LF|cl"));
    }

    /** By itself, with all that it offers: the whole audit leaves out what would break another rule. */
    private static List<Finding> said(FigureDraft draft) {
        return new TurnAccountAgrees().check(new Subject(Charts.read(draft)));
    }

    private static FigureDraft spun(String second) {
        return Charts.figure(
                "waltz",
                "1",
                Charts.chart(
                        "count|foot|footPosition|alignment|turn|action",
                        "1|RF|fwd|f LOD",
                        "2|LF|sd|" + second + "|spin",
                        "3|RF|cl"),
                Charts.rows("1|LF|bk|b LOD", "2|RF|sd", "3|LF|cl"));
    }

    /** Kept to the side the chart already turns to only where the other way is half a turn or more. */
    @ParameterizedTest(name = "{0}, {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "f W|1/8 R|1/4 R",
                "f W|1/8 L|1/4 R",
                "f C|1/8 R|1/4 L",
                "f ALOD|1/4 R|1/2 R",
                "f ALOD|1/4 L|1/2 L",
                "f DW-A|1/4 R|3/8 R",
                "f LOD|1/4 R|none",
                "f DC-A|1/4 R|3/8 L"
            })
    void theTurnThatLeadsThereIsOffered(String alignment, String turn, String needed) {
        assertThat(said(turning(alignment + "|" + turn, "")).get(0).fixes())
                .extracting(Fix::label)
                .contains("make the turn " + needed);
    }

    @Test
    void whereTheNextStatementAgreesAgainTheAlignmentIsTheOddOneOut() {
        Finding odd = said(turning("f C|1/4 R", "f DW-A|1/8 R")).get(0);
        assertThat(odd.place().pointer()).isEqualTo("/man/1/alignment");
        assertThat(odd.fixes()).extracting(Fix::label).containsExactly("make step 2 f W", "make the turn 1/4 L");
        assertThat(said(turning("f C|1/4 R", "f DW-A|1/8 R"))).as("told once").hasSize(1);

        Finding turn = said(turning("f C|1/4 R", "f DC|1/8 R")).get(0);
        assertThat(turn.place().pointer()).isEqualTo("/man/1/turn");
        assertThat(turn.fixes()).extracting(Fix::label).containsExactly("make the turn 1/4 L", "make step 2 f W");
    }

    @Test
    void atTheLastStatementThePartnersTurnsDecide() {
        FigureDraft together =
                turning("|1/8 R", "f DW").withLady(Charts.rows("1|LF|bk|b LOD", "2|RF|sd||1/8 R", "3|LF|cl"));
        assertThat(said(together)).isEmpty();
        FigureDraft saidOtherwise = turning("|1/8 R", "f W").withLady(together.lady());
        assertThat(said(saidOtherwise).get(0).place().pointer()).isEqualTo("/man/2/alignment");
        FigureDraft turnedLess =
                turning("|1/8 R", "f W").withLady(Charts.rows("1|LF|bk|b LOD", "2|RF|sd||1/4 R", "3|LF|cl"));
        assertThat(said(turnedLess).get(0).place().pointer()).isEqualTo("/man/2/turn");
    }

    @Test
    void bothDirectionsAreSaidInDegrees() {
        assertThat(said(turning("f W|1/8 R", "")).get(0).sentence())
                .isEqualTo(
                        "The man's foot looks to LOD (0°), and after 1/8 R to DW (-45°); step 2 says facing wall, which is W (-90°): 1/8 apart.");
        assertThat(said(turning("f W|", "")).get(0).sentence()).contains("and after no turn to LOD (0°)");
    }

    @Test
    void aTurnOnTheFootStaysAsItIs() {
        assertThat(said(spun("f W|on 1/2 R")).get(0).fixes())
                .extracting(Fix::text)
                .contains("1/4 R, on 1/2 R");
    }
}
