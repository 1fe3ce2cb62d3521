package fluidframe.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.dance.Dances;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Counts that no beat, no word and no neighbour bears out, each with the mark that is meant and the reason; and the
 * finest that are borne out.
 */
class CountWordsTest {

    private static Rhythm rhythm(String dance) {
        return Dances.find(dance).orElseThrow().rhythm();
    }

    private static Timing laid(String dance, String count, int beats) {
        return Timing.of(rhythm(dance), Count.parse(count), Beats.of(beats));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "waltz|1 2 3 2 5|4|beat 5 does not come next: a bar has 3 beats",
                        "waltz|5 6|0|beat 5 does not come next: a bar has 3 beats",
                        "waltz|1 3-2|1|a tie runs over neighbouring beats, 3-2 leaves some out",
                "waltz|& 1 2|0|a count in numbers begins with a beat of the bar",
                        "waltz|1 & & 2|2|& comes no later than the mark before it",
                        "waltz|1 a a 2|2|a comes no later than the mark before it",
                "foxtrot|& S Q|0|& takes its time from the word before it, and there is none",
                        "tango|Q & & Q|2|& leaves nothing of the Q before it",
                        "foxtrot|a Q|0|a takes its time from the word before it, and there is none"
            })
    void whatCannotBeCountedIsNamed(String dance, String count, int mark, String reason) {
        assertThatThrownBy(() -> laid(dance, count, 6)).isInstanceOfSatisfying(CountException.class, refused -> {
            assertThat(refused.index()).isEqualTo(mark);
            assertThat(refused).hasMessageContaining(reason);
        });
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "waltz|1 2 3 4 5 6 7|9|0 1 2 3 4 5 6",
                "waltz|1 1 1|9|0 3 6",
                "rumba|2 3 4-1 2 3 4-1|8|0 1 2 4 5 6",
                "cha-cha|4 & 1 2 3|5|0 1/2 1 2 3",
                "waltz|1 h 3|3|0 1 2",
                "waltz|1 & a 2 3|3|0 1/2 3/4 1 2",
                "waltz|1 a & 2 3|3|0 1/4 1/2 1 2",
                "samba|1 a 2|2|0 3/4 1",
                "foxtrot|S h Q|4|0 2 3",
                "foxtrot|S & Q|3|0 1 1/2 2",
                "foxtrot|S-Q Q|4|0 3",
                "quickstep|S a Q|3|0 1 3/4 2"
            })
    void eachMarkComesOnItsPartOfABeat(String dance, String count, int beats, String onsets) {
        assertThat(laid(dance, count, beats).slots().stream()
                        .map(slot -> slot.onset().toString())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(onsets);
    }

    @ParameterizedTest(name = "{0}: {1} in words is {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "foxtrot|1-2 3 4|S Q Q",
                "foxtrot|1-2-3 4|S-Q Q",
                "quickstep|1 2 & 3-4|Q Q & S",
                "foxtrot|1-2 h 4|S h Q",
                "foxtrot|(1-2) 3 4|(S) Q Q",
                "jive|1 2 3 a 4|Q Q Q a Q"
            })
    void numbersAreSaidInWordsWhereWordsReach(String dance, String numbers, String words) {
        assertThat(laid(dance, numbers, 4).sayInWords()).hasToString(words);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "waltz|1 2 3|3|this dance does not count in slows and quicks",
                "foxtrot|1-2-3-4-1-2-3-4|8|these lengths cannot be made of slows, quicks, & and a"
            })
    void whatWordsCannotSayIsNotSaidAboutRight(String dance, String numbers, int beats, String reason) {
        assertThatThrownBy(() -> laid(dance, numbers, beats).sayInWords())
                .isInstanceOf(CountException.class)
                .hasMessageContaining(reason);
    }
}
