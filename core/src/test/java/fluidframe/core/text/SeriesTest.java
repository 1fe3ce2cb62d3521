package fluidframe.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class SeriesTest {

    @Test
    void onlyTheLastTwoStandOnEitherSideOfAnd() {
        assertThat(Series.of(List.of())).isEmpty();
        assertThat(Series.of(List.of("5"))).isEqualTo("5");
        assertThat(Series.of(List.of("5", "7"))).isEqualTo("5 and 7");
        assertThat(Series.of(List.of("5", "7", "12", "14"))).isEqualTo("5, 7, 12 and 14");
    }
}
