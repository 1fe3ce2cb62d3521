package fluidframe.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.dance.Dances;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.RowDraft;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Sentences of coaches and the cells they fill: the man's rows with a slash between, as count, foot, where it goes and
 * what else is said.
 */
class ToldCellsTest {

    private static final String THREE = "1 RF forward; 2 LF side; 3 RF closes. ";

    private static Description told(String dance, String said) {
        return DescriptionReader.tell(
                said,
                Charts.figure(dance, "1", List.of(), List.of()),
                Dances.find(dance).orElseThrow());
    }

    private static String rows(List<RowDraft> rows) {
        return rows.stream()
                .map(row -> row.cells().values().stream()
                        .filter(cell -> !cell.isEmpty())
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" / "));
    }

    private static String leftovers(Description description) {
        return description.leftovers().stream().map(leftover -> leftover.text()).collect(Collectors.joining("; "));
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "waltz|RF forward, LF side, RF closes|RF fwd / LF sd / RF cl",
                "waltz|1 RF forward; 2 LF side; 3 RF closes|1 RF fwd / 2 LF sd / 3 RF cl",
                "foxtrot|slow left foot forward, quick right foot side, quick close left to right|S LF fwd / Q RF sd / Q LF cl",
                "waltz|Step 1: RF forward, heel toe. Step 2: LF side on toe|RF fwd HT / LF sd T",
                "rumba|2 LF forward, 3 recover on RF, 4-1 LF side|2 LF fwd / 3 RF ip / 4-1 LF sd",
                "tango|Slow LF forward in CBMP; Slow RF forward; Quick LF forward; Quick RF side|S LF fwd CBMP / S RF fwd / Q LF fwd / Q RF sd"
            })
    void stepsAreToldInAnyOrder(String dance, String said, String rows) {
        Description description = told(dance, said);

        assertThat(leftovers(description)).isEmpty();
        assertThat(rows(underived(description))).isEqualTo(rows);
    }

    /** What the program added by itself is not what was said. */
    private static List<RowDraft> underived(Description description) {
        FigureDraft figure = description.figure();
        List<RowDraft> rows = figure.man();
        for (String pointer : figure.derived()) {
            String[] place = pointer.split("/");
            if (place.length == 4 && place[1].equals("man")) {
                int row = Integer.parseInt(place[2]);
                RowDraft before = rows.get(row);
                RowDraft without = new RowDraft(before.cells().entrySet().stream()
                        .filter(cell -> !cell.getKey().key().equals(place[3]))
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
                rows = new ArrayList<>(rows);
                rows.set(row, without);
            }
        }
        return rows;
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Sway right on 2 and 3|1 RF fwd / 2 LF sd R / 3 RF cl R",
                "No sway on one, right on two, left on three|1 RF fwd - / 2 LF sd R / 3 RF cl L",
                "Footwork: heel toe, toe, toe heel|1 RF fwd HT / 2 LF sd T / 3 RF cl TH",
                "Sway: straight, right, right|1 RF fwd - / 2 LF sd R / 3 RF cl R",
                "Turn: none, 1/4 R, 1/8 R|1 RF fwd / 2 LF sd 1/4 R / 3 RF cl 1/8 R",
                "Quarter turn to right between 1 and 2, an eighth to the right between 2 and 3|1 RF fwd / 2 LF sd 1/4 R / 3 RF cl 1/8 R",
                "Commence to rise end of 1, continue to rise on 2 and 3, lower end of 3|1 RF fwd cr e1 / 2 LF sd cont / 3 RF cl cont, lo e3",
                "CBM on one|1 RF fwd CBM / 2 LF sd / 3 RF cl",
                "On two turn a quarter to the right, body turns less|1 RF fwd / 2 LF sd 1/4 R, body less / 3 RF cl",
                "Step three, toe heel, swaying to the right|1 RF fwd / 2 LF sd / 3 RF cl TH R",
                "The last step: toe heel|1 RF fwd / 2 LF sd / 3 RF cl TH",
                "Third step: toe heel|1 RF fwd / 2 LF sd / 3 RF cl TH",
                "Whole foot throughout|1 RF fwd WF / 2 LF sd WF / 3 RF cl WF",
                "Footwork: whole foot throughout|1 RF fwd WF / 2 LF sd WF / 3 RF cl WF",
                "Alignment: facing wall, backing diagonally to centre, backing line of dance|1 RF fwd f W / 2 LF sd b DC / 3 RF cl b LOD"
            })
    void moreIsToldOfStepsThatAreThere(String said, String rows) {
        Description description = told("waltz", THREE + said);

        assertThat(leftovers(description)).isEmpty();
        assertThat(rows(underived(description))).isEqualTo(rows);
    }

    @Test
    void theFirstSentenceMayNameTheFigure() {
        FigureDraft figure =
                told("waltz", "Harbour Turn, waltz, silver, one bar. " + THREE).figure();

        assertThat(List.of(figure.title(), figure.level(), figure.bars()))
                .containsExactly("Harbour Turn", "silver", "1");
        assertThat(told("waltz", "Harbour Turn: RF forward, LF side, RF closes")
                        .figure()
                        .title())
                .isEqualTo("Harbour Turn");
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(
            strings = {
                "Starts in promenade position facing diagonally to wall.",
                "Starts in promenade position, facing diagonally to wall.",
                "Begins facing diag wall, in PP."
            })
    void whereItStartsAndEndsIsSaidOfTheFigure(String starts) {
        FigureDraft figure = told("waltz", starts + " " + THREE + "It ends in closed position.")
                .figure();

        assertThat(List.of(
                        figure.start().position(),
                        figure.end().position(),
                        figure.startAlignments().get(0)))
                .containsExactly("PP", "closed", "f DW");
    }

    @Test
    void anEndThatTheLastStepContradictsIsLeftOver() {
        Description description =
                told("waltz", "1 RF forward; 2 LF side; 3 RF closes, facing wall. It ends facing centre.");

        assertThat(leftovers(description)).contains("facing centre");
        assertThat(description.figure().man().get(2).cells().values()).contains("f W");
    }

    @Test
    void bothPartsAreToldOneAfterTheOther() {
        FigureDraft figure = told("waltz", "Man: RF forward, LF side, RF closes. Lady: LF back, RF side, LF closes.")
                .figure();

        assertThat(rows(figure.lady())).startsWith("1 LF bk").contains("RF sd").contains("LF cl");
        assertThat(figure.man()).hasSameSizeAs(figure.lady());
    }

    @Test
    void wordsForTeachingAreKeptAsTheyAreSaid() {
        FigureDraft figure = told(
                        "waltz",
                        THREE
                                + "Cue: turn early. Fault: stepping too wide. Common fault: looking down. Exercise: alone to the wall.")
                .figure();

        assertThat(figure.cues()).containsExactly("Turn early");
        assertThat(figure.faults()).containsExactly("Stepping too wide", "Looking down");
        assertThat(figure.drills()).containsExactly("Alone to the wall");
    }

    @Test
    void whatMeansNothingIsLeftOverAndTheRestIsTaken() {
        Description description = told("waltz", "1 RF forward like a swan; 2 LF side; 3 RF closes");

        assertThat(leftovers(description)).isEqualTo("like; swan");
        assertThat(description.figure().man()).hasSize(3);
    }
}
