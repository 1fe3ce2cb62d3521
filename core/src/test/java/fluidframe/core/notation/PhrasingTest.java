package fluidframe.core.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.text.UnreadableTextException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What people write in full is read as the shorthand they mean, and what has no one meaning is refused. */
class PhrasingTest {

    @ParameterizedTest(name = "{0}: {1} is {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "TURN|3/8 to the right|3/8 R",
                "TURN|quarter left|1/4 L",
                "TURN|1/4 to L|1/4 L",
                "TURN|L 1/4|1/4 L",
                "TURN|a quarter turn to the left|1/4 L",
                "TURN|90° R|1/4 R",
                "TURN|45 degrees left|1/8 L",
                "TURN|three eighths to the right, body completes the turn|3/8 R, body completes",
                "TURN|1/8 to the left, on the foot 3/8 to the left|1/8 L, on 3/8 L",
                "TURN|begins to turn to the right|begin R",
                "TURN|no turn|0",
                "TURN|half a turn right|1/2 R",
                "FOOTWORK|whole foot|WF",
                "FOOTWORK|heel toe|HT",
                "FOOTWORK|toe, heel|TH",
                "FOOTWORK|inside edge of ball, flat|IE BF",
                "FOOTWORK|ball-flat|BF",
                "ALIGNMENT|facing wall|f W",
                "ALIGNMENT|facing the wall|f W",
                "ALIGNMENT|down the line|f LOD",
                "ALIGNMENT|backing diagonally to centre against line of dance|b DC-A",
                "ALIGNMENT|Facing Diag. Wall|f DW",
                "ALIGNMENT|pointing diag centre|p DC",
                "ALIGNMENT|against line of dance|f ALOD",
                "ALIGNMENT|DC|f DC",
                "ALIGNMENT|moving along line of dance, pointing diagonally to wall|m LOD p DW",
                "ALIGNMENT|backing between line of dance and diagonally to wall|b LOD/DW",
                "SWAY|S|-",
                "SWAY|straight|-",
                "SWAY|to the left|L",
                "RISE|begin to rise at the end of one, continue on two and three, lower at the end of three|cr e1, cont 2, cont 3, lo e3",
                "RISE|commence to rise e/o 1|cr e1",
                "RISE|remains up|rem up",
                "FOOT|right foot|RF",
                "FOOT|L foot|LF",
                "FOOT_POSITION|RF fwd|fwd",
                "FOOT_POSITION|LF closes to RF|cl",
                "FOOT_POSITION|R foot back and slightly rightward|bk sl R",
                "FOOT_POSITION|side and slightly forward|sd sl fwd",
                "COUNT|slow|S",
                "COUNT|and|&",
                "BODY|hips settle left after 1/2 beat|settle L @1/2",
                "RELATION|side by side with the lady on his left; his left hand to her right|side L, hold L-to-R"
            })
    void whatIsSaidInFullIsRead(Column column, String said, String shorthand) {
        assertThat(column.read(said)).isEqualTo(column.read(shorthand));
    }

    /** A number of turns that no body makes, a size without a side, a word of no column: never guessed. */
    @ParameterizedTest
    @CsvSource({
        "TURN, 90 R",
        "TURN, body 45 R",
        "TURN, 1/8",
        "TURN, 50° R",
        "FOOTWORK, sideways",
        "ALIGNMENT, facing the band",
        "RISE, soaring"
    })
    void whatHasNoOneMeaningIsRefusedAsItWasWritten(Column column, String said) {
        assertThatThrownBy(() -> column.read(said)).isInstanceOf(UnreadableTextException.class);
    }
}
