package fluidframe.core.music;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.music.TempoMap.Change;
import fluidframe.core.time.Beats;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class TempoMapTest {

    /** In three: 30 bars a minute, from bar 9 on 20, and back to 40 little by little over the next eight bars. */
    private static final TempoMap CHANGING = new TempoMap(
            3,
            List.of(
                    new Change(Beats.ZERO, 30, false),
                    new Change(Beats.of(24), 20, false),
                    new Change(Beats.of(48), 40, true)));

    @Test
    void aSteadyTempoIsAProportion() {
        TempoMap steady = TempoMap.steady(4, 30);
        assertThat(steady.seconds(Beats.of(4))).isEqualTo(2, within(1e-9));
        assertThat(steady.seconds(Beats.of(-1))).isEqualTo(-0.5, within(1e-9));
        assertThat(steady.beat(3)).isEqualTo(6, within(1e-9));
        assertThat(steady.isSteady()).isTrue();
    }

    @Test
    void eachTempoHoldsUntilTheNext() {
        assertThat(CHANGING.seconds(Beats.of(24))).isEqualTo(16, within(1e-9));
        assertThat(CHANGING.barsPerMinute(23.9)).isEqualTo(30);
        assertThat(CHANGING.barsPerMinute(24)).isEqualTo(20);
        assertThat(CHANGING.barsPerMinute(36)).isEqualTo(30, within(1e-9));
        assertThat(CHANGING.barsPerMinute(60)).isEqualTo(40);
        assertThat(CHANGING.isSteady()).isFalse();
    }

    /** Twenty-four beats from 1 to 2 beats a second: the integral of dx / (1 + x / 24) is 24 ln 2. */
    @Test
    void aGradualChangeTakesTheIntegralOfItsTempo() {
        assertThat(CHANGING.seconds(Beats.of(48)) - CHANGING.seconds(Beats.of(24)))
                .isEqualTo(24 * Math.log(2), within(1e-9));
    }

    @Property(tries = 300)
    void everyBeatIsFoundAgainByItsTime(@ForAll @DoubleRange(min = -10, max = 200) double beat) {
        assertThat(CHANGING.beat(CHANGING.seconds(beat))).isEqualTo(beat, within(1e-6));
    }

    @Property(tries = 200)
    void heardFromALaterBeatItGoesOnTheSame(
            @ForAll @IntRange(min = 0, max = 60) int from, @ForAll @DoubleRange(min = 0, max = 80) double after) {
        assertThat(CHANGING.from(Beats.of(from)).seconds(after))
                .isEqualTo(CHANGING.seconds(from + after) - CHANGING.seconds(from), within(1e-6));
    }

    @Test
    void whatIsCutOutTakesNoTime() {
        TempoMap cut = CHANGING.without(Beats.of(12), Beats.of(36));
        assertThat(cut.seconds(Beats.of(12))).isEqualTo(CHANGING.seconds(Beats.of(12)), within(1e-9));
        assertThat(cut.seconds(Beats.of(30)) - cut.seconds(Beats.of(12)))
                .isEqualTo(CHANGING.seconds(Beats.of(54)) - CHANGING.seconds(Beats.of(36)), within(1e-6));
    }

    @Test
    void fasterByAFactorTakesThatMuchLess() {
        assertThat(CHANGING.times(1.25).seconds(Beats.of(60)))
                .isEqualTo(CHANGING.seconds(Beats.of(60)) / 1.25, within(1e-9));
    }

    @Test
    void noTempoAndTwoTemposOnOneBeatAreRefused() {
        assertThatThrownBy(() -> TempoMap.steady(3, 0)).hasMessageContaining("0.0 bars a minute");
        assertThatThrownBy(() -> TempoMap.steady(3, 900)).hasMessageContaining("expected 1 to 400");
        assertThatThrownBy(() ->
                        new TempoMap(3, List.of(new Change(Beats.ZERO, 30, false), new Change(Beats.ZERO, 31, false))))
                .hasMessageContaining("one only");
    }
}
