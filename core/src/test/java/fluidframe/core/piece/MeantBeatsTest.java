package fluidframe.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.dance.Dances;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What an estimate of a tempo may mean: the dance says which. */
class MeantBeatsTest {

    private static List<MeantBeats> meant(double estimated, int beatsPerBar, String dance) {
        return MeantBeats.of(
                estimated,
                beatsPerBar,
                Optional.ofNullable(dance).map(id -> Dances.find(id).orElseThrow()));
    }

    @ParameterizedTest(name = "{0} heard, {2}")
    @CsvSource({
        "87, 3, waltz, 29",
        "174, 3, waltz, 29",
        "43.5, 3, waltz, 29",
        "58, 3, viennese-waltz, 58",
        "60, 3, viennese-waltz, 60",
        "100, 4, rumba, 25",
        "50, 4, rumba, 25",
        "200, 4, quickstep, 50",
        "100, 4, quickstep, 50"
    })
    void whatSuitsTheDanceComesFirst(double heard, int beatsPerBar, String dance, double barsPerMinute) {
        assertThat(meant(heard, beatsPerBar, dance).get(0).barsPerMinute()).isEqualTo(barsPerMinute, within(1e-9));
    }

    @Test
    void withoutADanceItIsWhatPeopleTapTo() {
        assertThat(meant(55, 4, null).get(0).beatsPerMinute()).isEqualTo(110);
        assertThat(meant(220, 4, null).get(0).beatsPerMinute()).isEqualTo(110);
    }

    @Test
    void nothingIsMeantThatNobodyTaps() {
        assertThat(meant(40, 4, null))
                .extracting(MeantBeats::beatsPerMinute)
                .containsExactlyInAnyOrder(40.0, 80.0, 120.0, 60.0);
        assertThat(meant(260, 4, null))
                .extracting(MeantBeats::beatsPerMinute)
                .allSatisfy(beats -> assertThat(beats).isBetween(40.0, 260.0));
        assertThatThrownBy(() -> meant(13, 4, null)).hasMessageContaining("expected 14 to 780");
        assertThatThrownBy(() -> meant(781, 4, null)).hasMessageContaining("expected 14 to 780");
    }
}
