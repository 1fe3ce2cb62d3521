package fluidframe.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FractionTest {

    @ParameterizedTest
    @CsvSource({"0, 0 bars", "½, 1/2 bar", "1, 1 bar", "1½, 1 1/2 bars", "2, 2 bars"})
    void whatIsNoMoreThanOneIsCountedAsOne(String text, String said) {
        assertThat(Fraction.parse(text).counting("bar")).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({
        "1, 1",
        "3/8, 3/8",
        "1 1/2, 1 1/2",
        "½, 1/2",
        "1½, 1 1/2",
        "3 ¾, 3 3/4",
        "4/8, 1/2",
        "16/16, 1",
        "17/16, 1 1/16",
        "0, 0",
        "' 7 / 8 ', 7/8",
        "⅓, 1/3"
    })
    void isReadAsItIsWrittenAndSaidInLowestTerms(String text, String said) {
        assertThat(Fraction.parse(text)).hasToString(said);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "a", "1/", "/8", "1/2/3", "-1", "1.5", "1 2", "99999", "1/0"})
    void whatIsNoNumberIsNamed(String text) {
        assertThatThrownBy(() -> Fraction.parse(text)).isInstanceOf(UnreadableTextException.class);
    }

    @Test
    void comesOutInWholeUnitsOrNotAtAll() {
        assertThat(Fraction.parse("3/8").in(16)).isEqualTo(6);
        assertThat(Fraction.parse("1 1/2").in(48)).isEqualTo(72);
        assertThatThrownBy(() -> Fraction.parse("1/3").in(16))
                .isInstanceOf(ArithmeticException.class)
                .hasMessageContaining("1/3");
        assertThatThrownBy(() -> new Fraction(-1, 2)).hasMessage("-1/2 is not a fraction");
        assertThatThrownBy(() -> new Fraction(1, 0)).hasMessage("1/0 is not a fraction");
    }

    @Property
    void readsBackWhatItSays(
            @ForAll @IntRange(min = 0, max = 9_000) int parts, @ForAll @IntRange(min = 1, max = 64) int whole) {
        Fraction fraction = new Fraction(parts, whole);
        Fraction read = Fraction.parse(fraction.toString());

        assertThat((long) read.parts() * whole).isEqualTo((long) parts * read.whole());
    }
}
