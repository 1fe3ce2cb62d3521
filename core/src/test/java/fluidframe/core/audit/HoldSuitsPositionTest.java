package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.notation.FigureDraft;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which hands can be joined where, how far somebody can turn within them, and which can lead. */
class HoldSuitsPositionTest {

    private static final String HEADER = "count|foot|footPosition|alignment|turn|action|lead|relation";

    private static FigureDraft held(String hold, String mansSecond, String ladysSecond) {
        return Charts.figure(
                "rumba",
                "1",
                "open facing; " + hold,
                "open facing; " + hold,
                Charts.chart(HEADER, "2|LF|fwd|f W", "3|RF|ip|" + mansSecond, "4-1|LF|sd"),
                Charts.chart(HEADER, "2|RF|bk|b W", "3|LF|ip|" + ladysSecond, "4-1|RF|sd"));
    }

    /** With two hands half a turn of one against the other is as far as arms go. */
    @ParameterizedTest(name = "{0}: man {1}, lady {2}")
    @CsvSource(
            delimiter = '!',
            value = {
                "double       ! |          ! |on 1/2 R   ! 0",
                "double ! | ! |on 9/16 R ! 1",
                "double ! |1/4 L ! |on 1/2 R ! 1",
                "double ! |1/4 R ! |on 3/4 R ! 0",
                "double ! |on 1/2 R ! |1/16 L ! 1",
                "double ! | ! |1/4 R, on 1/4 R ! 0",
                "double ! | ! |1/4 R, on 5/16 R ! 1",
                "L-to-R ! | ! |on 1 R ! 0",
                "no hold ! | ! |on 1 R ! 0"
            })
    void nobodyTurnsMoreThanHalfWithinBothHands(String hold, String man, String lady, int findings) {
        assertThat(found(held(hold.strip(), man.strip(), lady.strip()), "P4")).hasSize(findings);
    }

    @Test
    void whereToLetGoAndToTakeAgainIsSaid() {
        assertThat(found(held("double", "|", "|on 5/8 R"), "P4").get(0)).satisfies(finding -> {
            assertThat(finding.place().pointer()).isEqualTo("/lady/1/relation");
            assertThat(finding.sentence())
                    .startsWith("The lady's step 2 turns five eighths")
                    .endsWith("release a hand on step 2 and take it again on step 3.");
        });
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "L-to-R|Raises his left hand|true",
                "L-to-R|Raises his right hand|false",
                "R-to-L|Right hand leads forward|true",
                "R-to-L|left hand leads|false",
                "R-to-R|right hand low|true",
                "L-to-L|Left hand over her head|true",
                "L-to-L|left hand high|true",
                "closed|right hand turns her|true",
                "closed|left hand lowers|true",
                "no hold|left hand shows the way|false",
                "L-to-R|Let go with the right hand|true",
                "L-to-R|right hand takes her right hand|true",
                "L-to-R|with the chest|true"
            })
    void aLeadIsGivenWithAHandThatHolds(String hold, String lead, boolean right) {
        FigureDraft draft = held(hold, "|||" + lead, "|");
        assertThat(found(draft, "P4").stream()
                        .filter(finding -> finding.place().pointer().equals("/man/1/lead")))
                .hasSize(right ? 0 : 1);
    }

    @Test
    void aHandThatHoldsNothingIsNamedWithTheHold() {
        assertThat(found(held("L-to-R", "|||Right hand leads", "|"), "P4"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.sentence())
                        .startsWith("Step 2 is led with his right hand, which holds nothing in "));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "closed facing; closed|0",
                "open facing; closed|1",
                "PP; closed|0",
                "fan; closed|1",
                "open facing; double|0",
                "PP; R-to-R|1"
            })
    void armsReachOnlySomeHoldsFromAPosition(String start, int findings) {
        FigureDraft draft = held("L-to-R", "|", "|").withStart(Charts.relation(start));
        assertThat(found(draft, "P4").stream()
                        .filter(finding -> finding.place().pointer().equals("/start/hold")))
                .hasSize(findings);
    }
}
