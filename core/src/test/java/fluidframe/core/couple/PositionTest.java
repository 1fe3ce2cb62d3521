package fluidframe.core.couple;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.space.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PositionTest {

    /** An eighth more or less than the position's own facing; sixteenths of a turn. */
    @ParameterizedTest
    @CsvSource({
        "PROMENADE, 4, true",
        "PROMENADE, 6, true",
        "PROMENADE, 2, true",
        "PROMENADE, 7, false",
        "PROMENADE, 1, false",
        "CLOSED, 8, true",
        "CLOSED, -8, true",
        "CLOSED, 10, true",
        "CLOSED, 11, false",
        "CLOSED, 5, false",
        "TANDEM, -2, true",
        "TANDEM, -3, false",
        "APART, 3, true"
    })
    void aFacingSuitsWithinAnEighth(Position position, int sixteenths, boolean suits) {
        assertThat(position.suits(new Turn(sixteenths))).isEqualTo(suits);
    }

    @ParameterizedTest
    @EnumSource(Position.class)
    void seenInAMirrorTwiceItIsTheSame(Position position) {
        assertThat(position.mirrored().mirrored()).isEqualTo(position);
        if (position.mirrored() != position) {
            assertThat(position.mirrored().ladyFromMan().y())
                    .isCloseTo(-position.ladyFromMan().y(), within(1e-9));
        }
    }

    /** In closed position, 0.25 to 0.5 m: in contact a fifth of the way, extended four fifths. */
    @Test
    void couplesKeepAsNearAsTheySay() {
        assertThat(apart(Proximity.CONTACT)).isCloseTo(0.3, within(1e-9));
        assertThat(apart(Proximity.CLOSE)).isCloseTo(0.31, within(1e-9));
        assertThat(apart(Proximity.EXTENDED)).isCloseTo(0.45, within(1e-9));
    }

    private static double apart(Proximity proximity) {
        return new Relation(Position.CLOSED, Hold.CLOSED, proximity)
                .ladyFromMan()
                .length();
    }
}
