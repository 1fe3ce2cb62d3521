package fluidframe.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.text.UnreadableTextException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SpaceTest {

    @Test
    void everyHeadingReadsBack() {
        for (int sixteenths = -7; sixteenths <= 8; sixteenths++) {
            Heading heading = new Heading(sixteenths);
            assertThat(Heading.parse(heading.toString())).isEqualTo(heading);
            assertThat(heading.mirrored().mirrored()).isEqualTo(heading);
            assertThat(heading.opposite().opposite()).isEqualTo(heading);
        }
    }

    @Test
    void everyTurnReadsBack() {
        for (int sixteenths = -32; sixteenths <= 32; sixteenths++) {
            assertThat(Turn.parse(new Turn(sixteenths).toString())).isEqualTo(new Turn(sixteenths));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"f DW", "b DC-A", "p LOD/DC", "m LOD p DW"})
    void alignmentsReadBack(String text) {
        Alignment alignment = Alignment.parse(text);
        assertThat(alignment).hasToString(text);
        assertThat(Alignment.parse(alignment.wording().startsWith("moving") ? text : text.toUpperCase()))
                .isEqualTo(alignment);
        assertThat(alignment.mirrored().mirrored()).isEqualTo(alignment);
    }

    @Test
    void roundACornerDiagonallyToCentreBecomesDiagonallyToWall() {
        assertThat(Alignment.parse("f DC").afterCorner()).isEqualTo(Alignment.parse("f DW"));
        assertThat(Heading.CENTRE.afterCorner()).isEqualTo(Heading.LINE_OF_DANCE);
    }

    @Test
    void unreadableAlignmentsSayWhatWasExpected() {
        assertThatThrownBy(() -> Alignment.parse("f DX"))
                .isInstanceOfSatisfying(
                        UnreadableTextException.class,
                        e -> assertThat(e.nearest()).contains("DC", "DW"));
        assertThatThrownBy(() -> Turn.parse("1/5 R")).isInstanceOf(UnreadableTextException.class);
    }
}
