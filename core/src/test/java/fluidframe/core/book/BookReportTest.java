package fluidframe.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.SmallBook;
import fluidframe.core.audit.Severity;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Mute;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A book of two dances counted, and the page of text that says so. */
class BookReportTest {

    private static final Figure LEFT = SmallBook.at(Level.BRONZE, SmallBook.walk("left", "LF", "LOD", ""));
    private static final Figure RIGHT = SmallBook.at(Level.SILVER, SmallBook.walk("right", "RF", "LOD", ""));
    private static final Figure TURN = SmallBook.turning("turn")
            .withMutes(List.of(new Mute("A1", "/man/2/turn", "so taught"), new Mute("F2", "", "small")));
    private static final Figure RUMBA = Charts.read(Danced.figure("basic in place"));
    private static final BookReport REPORT = BookReport.of(List.of(RUMBA, LEFT, RIGHT, TURN));

    private static List<String> linesWith(String beginning) {
        return BookReportText.of(REPORT)
                .lines()
                .filter(line -> line.startsWith(beginning))
                .toList();
    }

    @Test
    void dancesComeInTheOrderOfTheCatalogueAndOnlyThoseThatHaveFigures() {
        assertThat(REPORT.dances())
                .extracting(dance -> dance.dance().id() + " " + dance.size())
                .containsExactly("waltz 3", "rumba 1");
        assertThat(BookReport.of(List.of()).dances()).isEmpty();
        assertThat(BookReport.of(List.of()).holdingPerFigure()).isZero();
    }

    @Test
    void theWholeIsTheSumOfItsDances() {
        assertThat(REPORT.figures()).isEqualTo(4);
        for (Severity severity : Severity.values()) {
            assertThat(REPORT.count(severity))
                    .isEqualTo(REPORT.dances().stream()
                            .mapToInt(dance -> dance.count(severity))
                            .sum());
        }
        DanceReport waltz = REPORT.dances().get(0);
        DanceReport rumba = REPORT.dances().get(1);
        assertThat(REPORT.holdingPerFigure())
                .isEqualTo((3 * waltz.holdingPerFigure() + rumba.holdingPerFigure()) / 4, within(1e-9));
        assertThat(waltz.holdingPerFigure()).isPositive();
    }

    @Test
    void thePageCountsLevelBySteps() {
        assertThat(BookReportText.of(REPORT))
                .startsWith("# The figure book\n")
                .contains("4 figures in 2 dances, " + REPORT.count(Severity.ERROR) + " audit errors");
        assertThat(linesWith("| Waltz"))
                .hasSize(2)
                .first()
                .isEqualTo("| Waltz | 0 | 2 | 1 | 0 | 0 | 3 | "
                        + REPORT.dances().get(0).steps() + " | 0 | 2 | 1 | 1 | 0 | 0 | 0 | 0 |");
        assertThat(linesWith("| Rumba")).hasSize(2).first().asString().startsWith("| Rumba | 0 | 1 | 0 | 0 | 0 | 1 |");
        assertThat(linesWith("| Waltz").get(1)).contains(" | 2 | ").endsWith(" |");
    }

    @Test
    void whatIsMutedIsSaidWithItsReason() {
        assertThat(linesWith("- Waltz, turn"))
                .containsExactly("- Waltz, turn: A1 at /man/2/turn – so taught", "- Waltz, turn: F2 – small");
    }

    @Test
    void aDanceThatDoesNotHangTogetherIsNamedWithItsEnds() {
        assertThat(linesWith("Nowhere.")).isEmpty();
        assertThat(linesWith("- Waltz, bronze"))
                .singleElement()
                .asString()
                .contains(" parts; nothing follows ")
                .contains("nothing leads to ");
        Figure back = SmallBook.at(Level.BRONZE, SmallBook.walk("right", "RF", "LOD", ""));
        assertThat(BookReportText.of(BookReport.of(List.of(LEFT, back))))
                .contains("## Where a dance does not hang together\n\nNowhere.\n");
    }
}
