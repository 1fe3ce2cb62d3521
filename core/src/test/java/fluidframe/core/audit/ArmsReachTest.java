package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.RowDraft;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Steps that lead the two out of the reach of their hands, or one into the other. */
class ArmsReachTest {

    private static final List<String> COUNT = List.of("2", "3", "4-1", "2", "3", "4-1");

    /** Both in open facing position, he facing the wall; each goes six steps the same way. */
    private static FigureDraft walking(String hold, String man, String lady) {
        return Charts.figure(
                "rumba",
                "2",
                "open facing; " + hold,
                "open facing; " + hold,
                rows("LF", "RF", man, "f W"),
                rows("RF", "LF", lady, "b W"));
    }

    private static List<RowDraft> rows(String first, String second, String position, String alignment) {
        return Charts.rows(IntStream.range(0, COUNT.size())
                .mapToObj(i -> COUNT.get(i) + "|" + (i % 2 == 0 ? first : second) + "|" + position
                        + (i == 0 ? "|" + alignment : ""))
                .toArray(String[]::new));
    }

    @ParameterizedTest(name = "{0}: man {1}, lady {2}")
    @CsvSource({
        "L-to-R, fwd, bk, 0",
        "L-to-R, bk, fwd, 0",
        "L-to-R, ip, ip, 0",
        "L-to-R, bk, bk, 1",
        "double, bk, bk, 1",
        "L-to-R, bk, ip, 1",
        "L-to-R, fwd, fwd, 1",
        "L-to-R, fwd, ip, 1",
        "no hold, fwd, ip, 1",
        "L-to-R, sd, ip, 0"
    })
    void whoGoTheSameWayStayTogether(String hold, String man, String lady, int findings) {
        assertThat(found(walking(hold, man, lady), "G5")).hasSize(findings);
    }

    @Test
    void apartIsSaidWithTheReachOfTheHoldAndInsideWithTheRoomThatIsLeft() {
        assertThat(found(walking("L-to-R", "bk", "bk"), "G5").get(0).sentence())
                .matches(
                        "By the man's step \\d and the lady's step \\d their steps have led them \\d\\.\\d m apart; with .* they reach 1\\.6 m\\.");
        assertThat(found(walking("double", "bk", "bk"), "G5").get(0).sentence()).endsWith("they reach 1.4 m.");
        assertThat(found(walking("L-to-R", "fwd", "fwd"), "G5").get(0)).satisfies(finding -> {
            assertThat(finding.sentence()).endsWith("their steps have led one into the other.");
            assertThat(finding.reckoned()).isEqualTo("room for two bodies");
            assertThat(finding.place().pointer()).startsWith("/lady/").endsWith("/footPosition");
        });
    }

    @Test
    void inClosedHoldTheFitItselfTells() {
        assertThat(found(
                        walking("L-to-R", "bk", "bk")
                                .withStart(Charts.relation("closed; closed"))
                                .withEnd(Charts.relation("closed; closed")),
                        "G5"))
                .isEmpty();
    }
}
