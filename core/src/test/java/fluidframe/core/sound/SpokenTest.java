package fluidframe.core.sound;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.figure.Figure;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said aloud on a step, and how it is written large. */
class SpokenTest {

    @ParameterizedTest(name = "{0} {1}: {2}, {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "waltz|1|one|1",
                "waltz|(3)|three|3",
                "rumba|4-1|four|4",
                "foxtrot|S|slow|S",
                "foxtrot|S-Q|slow|S",
                "foxtrot|Q|quick|Q",
                "quickstep|&|and|&",
                "samba|a|a|a",
                "tango|h|hold|h"
            })
    void aMarkIsSaidInOneWordAndWrittenAsItsSign(String dance, String count, String word, String sign) {
        Figure figure = Charts.read(
                Charts.figure(dance, "1", Charts.rows(count + "|LF|fwd|f LOD"), Charts.rows(count + "|RF|bk|b LOD")));

        assertThat(Spoken.mark(figure.man().steps().get(0))).contains(word);
        assertThat(Spoken.WORDS).contains(word);
        assertThat(Spoken.shown(word)).isEqualTo(sign);
    }

    @Test
    void aRowWithoutACountIsNotSpoken() {
        Figure figure =
                Charts.read(Charts.figure("waltz", "1", Charts.rows("|LF|fwd|f LOD"), Charts.rows("1|RF|bk|b LOD")));

        assertThat(Spoken.mark(figure.man().steps().get(0))).isEmpty();
    }

    @Test
    void afterTwelveTheNumbersBeginAgain() {
        assertThat(Stream.of(1, 12, 13, 25).map(Spoken::number)).containsExactly("one", "twelve", "one", "one");
        assertThat(Stream.of(1, 12, 13).map(Spoken::number).map(Spoken::shown)).containsExactly("1", "12", "1");
    }
}
