package fluidframe.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.dance.Dances;
import fluidframe.core.text.UnreadableTextException;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimingTest {

    @ParameterizedTest(name = "{0}: {1} over {2} beats")
    @CsvSource({
        "waltz,          1 2 3 1 2 3,        6, 1 1 1 1 1 1",
        "waltz,          1 2 & 3,            3, 1 1/2 1/2 1",
        "waltz,          1 2 3 4 5 6,        6, 1 1 1 1 1 1",
        "rumba,          2 3 4-1,            4, 1 1 2",
        "cha-cha,        2 3 4 & 1,          4, 1 1 1/2 1/2 1",
        "samba,          1 a 2,              2, 3/4 1/4 1",
        "foxtrot,        S Q Q,              4, 2 1 1",
        "tango,          Q Q S,              2, 1/2 1/2 1",
        "jive,           Q Q Q a Q Q a Q,    6, 1 1 3/4 1/4 1 3/4 1/4 1",
        "quickstep,      S & Q,              3, 1 1/2 1/2 1",
        "waltz,          1 a & a 2 3,        3, 1/4 1/4 1/4 1/4 1 1"
    })
    void lengthsOfEachMark(String dance, String count, int beats, String lengths) {
        Timing timing = Timing.of(rhythm(dance), Count.parse(count), Beats.of(beats));
        assertThat(timing.slots().stream().map(slot -> slot.length().toString()).collect(Collectors.joining(" ")))
                .isEqualTo(lengths);
        assertThat(timing.length()).isEqualTo(Beats.of(beats));
    }

    @ParameterizedTest(name = "{0}: {1} is {2}")
    @CsvSource({
        "foxtrot, S Q Q, 1-2 3 4",
        "quickstep, S & Q, 1-2 & 3",
        "jive, Q a Q, 1 a 2",
        "foxtrot, S Q Q S, 1-2 3 4 1-2"
    })
    void wordsAndNumbersSayTheSame(String dance, String words, String numbers) {
        Timing spoken = Timing.of(rhythm(dance), Count.parse(words), Beats.ZERO);
        assertThat(spoken.inNumbers()).hasToString(numbers);
        assertThat(Timing.of(rhythm(dance), Count.parse(numbers), spoken.length())
                        .sayInWords())
                .hasToString(words);
    }

    @Test
    void whatCannotBeSaidIsRefusedRatherThanRounded() {
        Timing waltz = Timing.of(rhythm("waltz"), Count.parse("1 2 3"), Beats.of(3));
        assertThatThrownBy(waltz::sayInWords)
                .isInstanceOf(CountException.class)
                .hasMessageContaining("slows and quicks");
        Timing tango = Timing.of(rhythm("tango"), Count.parse("Q & Q S"), Beats.ZERO);
        assertThat(tango.inNumbers()).hasToString("1 a & 2");
    }

    @ParameterizedTest
    @CsvSource({"waltz, S Q", "waltz, & 1 2", "foxtrot, S 3", "waltz, 1-3"})
    void countsThatMeanNothing(String dance, String count) {
        assertThatThrownBy(() -> Timing.of(rhythm(dance), Count.parse(count), Beats.of(3)))
                .isInstanceOf(CountException.class);
    }

    @Test
    void unreadableMarksAreNamed() {
        assertThatThrownBy(() -> Count.parse("1 x 3"))
                .isInstanceOfSatisfying(
                        UnreadableTextException.class, e -> assertThat(e.text()).isEqualTo("x"));
        assertThat(Count.parse("1,2 ( 3 )")).hasToString("1 2 (3)");
    }

    @Test
    void bracketsTakeNoWeight() {
        Timing timing = Timing.of(rhythm("waltz"), Count.parse("1 2 (3)"), Beats.of(3));
        assertThat(timing.slots()).extracting(Slot::takesWeight).containsExactly(true, true, false);
    }

    private static Rhythm rhythm(String dance) {
        return Dances.find(dance).orElseThrow().rhythm();
    }
}
