package fluidframe.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.music.TempoMap;
import fluidframe.core.time.Beats;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Beginnings of sound at known beats, with noise, off-beats and beats left out. */
class HeardBeatsTest {

    private static final int WALTZ = 3;
    private static final int BARS = 90;
    private static final double LEAD = 1.3;

    /** Three minutes whose tempo goes four hundredths up and down. */
    private static final TempoMap SWAYING = new TempoMap(
            WALTZ,
            IntStream.rangeClosed(0, BARS / 6)
                    .mapToObj(i -> new TempoMap.Change(Beats.of(i * 6 * WALTZ), 30 * (1 + 0.04 * Math.sin(i)), true))
                    .toList());

    private static double[] strengths(TempoMap tempo, int bars) {
        Random random = new Random(5);
        double[] strengths = new double[(int) ((LEAD + tempo.seconds(bars * WALTZ) + 1) * HeardBeats.LOOKS_PER_SECOND)];
        for (int look = 0; look < strengths.length; look++) {
            strengths[look] = 0.05 * random.nextDouble();
        }
        for (int half = 0; half < 2 * bars * WALTZ; half++) {
            double at = LEAD + tempo.seconds(half / 2.0);
            double strength = half % (2 * WALTZ) == 0 ? 1 : half % 2 == 0 ? 0.7 : 0.25;
            if (half % 22 != 4) {
                for (int look = (int) (at * 100) - 3; look <= at * 100 + 3; look++) {
                    strengths[look] += strength * Math.exp(-Math.pow(look - at * 100, 2) / 2);
                }
            }
        }
        return strengths;
    }

    @Test
    void afterThreeMinutesOfATempoThatComesAndGoesEveryBarLineIsWhereItIsHeard() {
        HeardBeats heard = HeardBeats.of(strengths(SWAYING, BARS), 88, WALTZ);
        var lines = heard.barLines(WALTZ);
        assertThat(lines).hasSize(BARS);
        TempoMap tempo = HeardBeats.tempo(lines, WALTZ);
        for (int bar = 0; bar < BARS - 1; bar++) {
            assertThat(lines.get(0) + tempo.seconds(bar * WALTZ))
                    .as("bar %d", bar + 1)
                    .isCloseTo(LEAD + SWAYING.seconds(bar * WALTZ), within(0.03));
        }
        assertThat(tempo.changes()).hasSizeLessThan(60);
    }

    @Test
    void anEstimateThatIsOffByASixthIsMended() {
        assertThat(HeardBeats.of(strengths(TempoMap.steady(WALTZ, 29), 40), 75, WALTZ)
                        .beatsPerMinute())
                .isCloseTo(87, within(0.1));
    }

    @Test
    void aSteadyPieceHasOneTempo() {
        HeardBeats heard = HeardBeats.of(strengths(TempoMap.steady(WALTZ, 29), 40), 90, WALTZ);
        TempoMap tempo = HeardBeats.tempo(heard.barLines(WALTZ), WALTZ);
        assertThat(tempo.changes()).hasSize(1);
        assertThat(tempo.opening()).isCloseTo(29, within(0.02));
    }

    @Test
    void whatIsNoMusicIsNamed() {
        assertThatThrownBy(() -> HeardBeats.of(new double[500], 90, WALTZ)).hasMessage("silence");
        assertThatThrownBy(() -> HeardBeats.of(new double[360_000], 90, WALTZ))
                .hasMessageContaining("60 minutes: expected at most 15");
        assertThatThrownBy(() -> HeardBeats.of(new double[] {1, 0, 1}, 90, WALTZ))
                .hasMessageContaining("expected at least 8");
        assertThatThrownBy(() -> HeardBeats.of(new double[] {1, 0, 1}, 900, WALTZ))
                .hasMessageContaining("expected 20 to 400");
    }
}
