package fluidframe.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TapsTest {

    private static final double BEAT = 60.0 / 87;

    /** Taps of a waltz of 29 bars a minute, each up to so many seconds early or late. */
    private static List<Double> tapped(int taps, double unsteady) {
        Random random = new Random(5);
        return new ArrayList<>(IntStream.range(0, taps)
                .mapToObj(i -> 2 + i * BEAT + unsteady * (2 * random.nextDouble() - 1))
                .toList());
    }

    @Test
    void aSteadyHandGivesTheTempoWithItsError() {
        Taps taps = Taps.of(tapped(24, 0.03), List.of(), 3);
        assertThat(taps.secondsPerTap()).isEqualTo(BEAT, within(0.003));
        assertThat(Math.abs(taps.secondsPerTap() - BEAT)).isLessThan(2 * taps.error());
        assertThat(taps.error()).isLessThan(0.003);
        assertThat(taps.dropped()).isEmpty();
    }

    @Test
    void aSlipAndALeftOutBeatDoNotMoveIt() {
        List<Double> seconds = tapped(24, 0.01);
        seconds.set(9, seconds.get(9) + 0.25);
        seconds.remove(15);
        Taps taps = Taps.of(seconds, List.of(), 3);
        assertThat(taps.dropped()).containsExactly(9);
        assertThat(taps.secondsPerTap()).isEqualTo(BEAT, within(0.002));
    }

    @Test
    void theTapsThatWereMarkedSayWhichBeatIsOne() {
        assertThat(Taps.of(tapped(12, 0), List.of(1, 4, 7), 3).ones()).containsExactly(1);
        assertThat(Taps.of(tapped(12, 0), List.of(1, 4, 8), 3).ones()).containsExactly(1);
    }

    @Test
    void halfAndDoubleAndWholeBarsAreOfferedTheDancesOwnTempoFirst() {
        assertThat(Taps.of(tapped(12, 0), List.of(), 3).meant(3, 28, 30).get(0)).satisfies(meant -> {
            assertThat(meant.barsPerMinute()).isEqualTo(29, within(0.01));
            assertThat(meant.beatsPerTap()).isEqualTo(1);
        });
        List<Double> bars =
                DoubleStream.iterate(0, at -> at + 3 * BEAT).limit(8).boxed().toList();
        assertThat(Taps.of(bars, List.of(), 3).meant(3, 28, 30).get(0).beatsPerTap())
                .isEqualTo(3);
        List<Double> halves =
                DoubleStream.iterate(0, at -> at + BEAT / 2).limit(16).boxed().toList();
        assertThat(Taps.of(halves, List.of(), 3).meant(3, 28, 30).get(0).beatsPerTap())
                .isEqualTo(0.5);
        assertThat(Taps.of(tapped(12, 0), List.of(), 3).meant(3, 28, 30))
                .extracting(Taps.Meant::beatsPerTap)
                .containsExactlyInAnyOrder(1.0, 2.0, 0.5, 3.0, 6.0);
    }

    @Test
    void whatIsNoBeatIsRefused() {
        assertThatThrownBy(() -> Taps.of(List.of(0.0, 0.5, 1.0), List.of(), 3)).hasMessageContaining("3 taps");
        assertThatThrownBy(() -> Taps.of(List.of(0.0, 0.01, 0.02, 0.03, 0.04), List.of(), 3))
                .hasMessageContaining("expected 0.1 to 6");
    }
}
