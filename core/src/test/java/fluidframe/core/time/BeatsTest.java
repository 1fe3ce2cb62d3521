package fluidframe.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lengths as they are reckoned with and as they are said. */
class BeatsTest {

    @ParameterizedTest(name = "{0}/{1}: {2}")
    @CsvSource({
        "0, 1, 0 beats",
        "1, 4, 1/4 beat",
        "1, 2, 1/2 beat",
        "1, 1, 1 beat",
        "3, 2, 1 1/2 beats",
        "2, 1, 2 beats"
    })
    void upToOneIsABeat(int parts, int whole, String words) {
        assertThat(Beats.of(parts, whole).wording()).isEqualTo(words);
    }

    @Test
    void theyAddUpExactly() {
        assertThat(Beats.THIRD.times(3)).isEqualTo(Beats.ONE);
        assertThat(Beats.HALF.plus(Beats.QUARTER).plus(Beats.QUARTER)).isEqualTo(Beats.ONE);
        assertThat(Beats.of(2).minus(Beats.of(3))).hasToString("-1");
        assertThat(Beats.of(7, 4).wholeBeats()).isEqualTo(1);
        assertThat(Beats.of(7, 4).fraction()).isEqualTo(Beats.of(3, 4));
        assertThat(Beats.HALF.isPositive()).isTrue();
        assertThat(Beats.ZERO.isPositive()).isFalse();
    }
}
