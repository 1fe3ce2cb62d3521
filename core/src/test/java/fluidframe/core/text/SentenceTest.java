package fluidframe.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class SentenceTest {

    @Test
    void valuesStandWhereTheirNamesAreInAnyOrder() {
        assertThat(said("The {to} follows the {from}.", "from", "Whisk", "to", "Chassé"))
                .isEqualTo("The Chassé follows the Whisk.");
    }

    @Test
    void aNumberInWordsIsPutInAsItIs() {
        assertThat(said("{beats} beats", "beats", 12_000)).isEqualTo("12000 beats");
        assertThat(said("{count, plural, one {# bar} other {# bars}} of {all}", "count", 3, "all", 12_000))
                .isEqualTo("3 bars of 12000");
    }

    @Test
    void pluralsChoicesAndDecimalsAreIcus() {
        String bars = "{count, plural, one {# bar} other {# bars}}{ends, select, true { at the end} other {}}";
        assertThat(said(bars, "count", 1, "ends", true)).isEqualTo("1 bar at the end");
        assertThat(said(bars, "count", 2, "ends", false)).isEqualTo("2 bars");
        assertThat(said("{metres, number,0.0} m", "metres", 0.25)).isEqualTo("0.3 m");
    }

    @Test
    void apostrophesAndBracketsAreWritten() {
        assertThat(said("the {part}'s step in '{'brackets'}'", "part", "lady"))
                .isEqualTo("the lady's step in {brackets}");
        assertThat(said("''{title}''", "title", "Whisk")).isEqualTo("'Whisk'");
    }

    @Property
    void anythingCanBeAValue(@ForAll String value) {
        assertThat(said("found {value}, expected none", "value", value))
                .isEqualTo("found " + value + ", expected none");
    }

    @Test
    void aMissingValueAndAnUnreadableSentenceAreMistakes() {
        assertThatThrownBy(() -> said("found {value}", "other", 1)).hasMessage("a sentence without its value");
        assertThatThrownBy(() -> said("found {value")).isInstanceOf(IllegalArgumentException.class);
    }

    private static String said(String pattern, Object... namesAndValues) {
        return Sentence.of(pattern, Locale.UK).with(namesAndValues);
    }
}
