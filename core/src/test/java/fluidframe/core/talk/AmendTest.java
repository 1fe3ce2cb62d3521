package fluidframe.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dances;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Charts corrected by talk. */
class AmendTest {

    private static final FigureDraft TURN = Danced.figure("natural turn");

    private static FigureDraft amended(String said) {
        Description description =
                DescriptionReader.amend(said, TURN, Dances.find("waltz").orElseThrow());
        assertThat(description.leftovers()).as(said).isEmpty();
        return description.figure();
    }

    @ParameterizedTest(name = "{0}: {1} {2} {3} is {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "step five, pointing diag centre|MAN|5|ALIGNMENT|p DC",
                "lady four heel turn|LADY|4|ACTION|heel turn",
                "lady two, pointing diagonal wall|LADY|2|ALIGNMENT|p DW",
                "on two she turns a quarter to the right|LADY|2|TURN|1/4 R",
                "step 3 sway to the left|MAN|3|SWAY|L",
                "man step 2: footwork toe heel|MAN|2|FOOTWORK|TH",
                "step 5, make it an eighth less|MAN|5|TURN|1/4 R, body less",
                "step 2, an eighth more|MAN|2|TURN|3/8 R",
                "last step whole foot|MAN|6|FOOTWORK|WF"
            })
    void aCellIsSaidOtherwise(String said, Part part, int step, Column column, String text) {
        assertThat(amended(said).chart(part).get(step - 1).cell(column)).isEqualTo(text);
    }

    @Test
    void whatIsNotSpokenOfStaysAsItIs() {
        FigureDraft amended = amended("step five, pointing diag centre");
        assertThat(amended.withCell(
                        Part.MAN, 4, Column.ALIGNMENT, TURN.man().get(4).cell(Column.ALIGNMENT)))
                .isEqualTo(TURN);
    }

    @Test
    void itIsTheRowThatWasSpokenOfLast() {
        FigureDraft amended = DescriptionReader.amend(
                        "make it an eighth less",
                        TURN,
                        Dances.find("waltz").orElseThrow(),
                        Part.LADY,
                        OptionalInt.of(1))
                .figure();
        assertThat(amended.lady().get(1).cell(Column.TURN)).isEqualTo("1/4 R, body less");
    }

    @Test
    void whatMeansNothingIsLeftOver() {
        Description description = DescriptionReader.amend(
                "step five, soaring, pointing LOD", TURN, Dances.find("waltz").orElseThrow());
        assertThat(description.leftovers())
                .extracting(leftover -> leftover.text())
                .containsExactly("soaring");
        assertThat(description.figure().man().get(4).cell(Column.ALIGNMENT)).isEqualTo("p LOD");
    }
}
