package fluidframe.core.dance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import fluidframe.core.time.Beats;
import fluidframe.core.time.Feel;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DanceCustomTest {

    @ParameterizedTest
    @MethodSource("dances")
    void withoutAnyADanceIsAsTheCatalogueHasIt(Dance dance) {
        assertThat(DanceCustom.NONE.of(dance)).isEqualTo(dance);
    }

    static List<Dance> dances() {
        return Dances.all();
    }

    @Test
    void whatIsHeldDifferentlyIsSo() {
        Dance foxtrot = Dances.find("foxtrot").orElseThrow();
        Dance held = new DanceCustom(
                        Optional.of(beats(1)),
                        Optional.of(Beats.of(3, 2)),
                        Optional.of(Feel.TRIPLET),
                        Optional.of(new Tempo(26)),
                        Optional.of(new Tempo(31)),
                        Optional.of(4),
                        Optional.of(0.8))
                .of(foxtrot);
        assertThat(held.rhythm().startBeats()).containsExactly(1);
        assertThat(held.rhythm().slow()).contains(Beats.of(3, 2));
        assertThat(held.rhythm().quick()).isEqualTo(foxtrot.rhythm().quick());
        assertThat(held.rhythm().feel()).isEqualTo(Feel.TRIPLET);
        assertThat(held.slowest().barsPerMinute()).isEqualTo(26);
        assertThat(held.fastest().barsPerMinute()).isEqualTo(31);
        assertThat(held.music().phraseBars()).isEqualTo(4);
        assertThat(held.stepLength()).isEqualTo(0.8);
        assertThat(held.technique()).isEqualTo(foxtrot.technique());
    }

    @Test
    void aDanceWithoutSlowsGetsNone() {
        DanceCustom slow = new DanceCustom(
                Optional.empty(),
                Optional.of(Beats.ONE),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(slow.of(Dances.find("waltz").orElseThrow()).rhythm().slow()).isEmpty();
    }

    @Test
    void aFigureMustStartOnABeatOfTheBar() {
        DanceCustom fourth = new DanceCustom(
                Optional.of(beats(4)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThatIllegalArgumentException()
                .isThrownBy(() -> fourth.of(Dances.find("waltz").orElseThrow()));
    }

    private static SortedSet<Integer> beats(int beat) {
        return new TreeSet<>(List.of(beat));
    }
}
