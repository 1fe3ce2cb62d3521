package fluidframe.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.couple.Part;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NotationTest {

    @ParameterizedTest(name = "{0}: {1} is {2}")
    @CsvSource(
            delimiter = ';',
            value = {
                "FOOT; left; LF",
                "FOOT_POSITION; Side, slightly forward; sd sl fwd",
                "FOOT_POSITION; fwd op cbmp; fwd CBMP OP",
                "FOOT_POSITION; touch; tap",
                "FOOT_POSITION; point side; pt sd",
                "FOOT_POSITION; sd PW; sd pw",
                "TURN; ¼ R; 1/4 R",
                "TURN; 3/8 r body turns less; 3/8 R, body less",
                "TURN; on 1 1/4 L; on 1 1/4 L",
                "TURN; commence to turn R; begin R",
                "RISE; CR E1; cr e1",
                "RISE; commence e 1, nfr; cr e1, NFR",
                "FOOTWORK; ht; HT",
                "FOOTWORK; ie th; IE TH",
                "FOOTWORK; heel; H",
                "FOOTWORK; sideways; ",
                "SWAY; left; L",
                "CBM; yes; CBM",
                "ACTION; Heel Turn, check; heel turn, check",
                "BODY; settle r @ 1/2; settle R @1/2",
                "RELATION; fan, L to R; fan, hold L-to-R",
                "RELATION; promenade; PP",
                "ALIGNMENT; facing dw; f DW"
            })
    void shorthandInCanonicalShorthandOut(Column column, String typed, String canonical) {
        DraftReading reading = DraftReader.read(Charts.naturalTurn().withCell(Part.MAN, 1, column, typed));
        if (canonical == null) {
            assertThat(reading.unreadable()).singleElement().satisfies(unreadable -> {
                assertThat(unreadable.place()).isEqualTo(Place.cell(Part.MAN, 1, column));
                assertThat(unreadable.expected()).isNotBlank();
            });
        } else {
            assertThat(reading.unreadable()).isEmpty();
            assertThat(column.shorthand(
                            reading.figure().orElseThrow().man().steps().get(1)))
                    .isEqualTo(canonical);
        }
    }

    @Test
    void everyUnreadableTextIsNamedAndTheRestIsStillRead() {
        FigureDraft draft = Charts.naturalTurn()
                .withCell(Part.MAN, 0, Column.FOOT, "XF")
                .withCell(Part.LADY, 4, Column.TURN, "quarter");
        DraftReading reading = DraftReader.read(draft);
        assertThat(reading.unreadable())
                .extracting(unreadable -> unreadable.place().pointer())
                .containsExactly("/man/0/foot", "/lady/4/turn");
        assertThat(reading.figure()).isPresent();
    }

    @Test
    void writtenFiguresReadBackTheSame() {
        FigureDraft written = DraftWriter.write(Charts.read(Charts.naturalTurn()));
        assertThat(DraftWriter.write(Charts.read(written))).isEqualTo(written);
    }

    @Test
    void withoutADanceThereIsNoFigure() {
        DraftReading reading = DraftReader.read(Charts.figure("polka", "0", List.of(), List.of()));
        assertThat(reading.figure()).isEmpty();
        assertThat(reading.unreadable())
                .extracting(unreadable -> unreadable.place().pointer())
                .contains("/dance", "/man", "/lady");
    }
}
