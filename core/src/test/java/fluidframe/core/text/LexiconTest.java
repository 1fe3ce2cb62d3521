package fluidframe.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LexiconTest {

    private enum Place implements Term {
        FORWARD("fwd", "forward", "f"),
        SLIGHTLY_FORWARD("sl fwd", "slightly forward"),
        SIDE("sd", "to the side", "side", "f");

        private final Words words;

        Place(String shorthand, String wording, String... synonyms) {
            this.words = Words.of(shorthand, wording, synonyms);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    private static final Lexicon<Place> PLACES = Lexicon.of("a place", List.of(Place.values()));

    @ParameterizedTest
    @CsvSource({
        "fwd, FORWARD",
        "FWD, FORWARD",
        "Forward, FORWARD",
        "'  to   the side ', SIDE",
        "side, SIDE",
        "sl fwd, SLIGHTLY_FORWARD",
        "f, FORWARD"
    })
    void aTermIsFoundHoweverItIsWritten(String text, Place place) {
        assertThat(PLACES.read(text)).isEqualTo(place);
        assertThat(PLACES.find(text)).contains(place);
    }

    @Test
    void theLongestPhraseIsTakenFirst() {
        assertThat(PLACES.readAll("side, sl fwd; forward"))
                .containsExactly(Place.SIDE, Place.SLIGHTLY_FORWARD, Place.FORWARD);
        assertThat(PLACES.readAll("slightly forward fwd")).containsExactly(Place.SLIGHTLY_FORWARD, Place.FORWARD);
        assertThat(PLACES.readAll("  ")).isEmpty();
    }

    @Test
    void whatIsNoneIsNamedWithWhatWasExpectedAndWhatLiesNearest() {
        UnreadableTextException refused =
                catchThrowableOfType(UnreadableTextException.class, () -> PLACES.readAll("sd fwrd"));

        assertThat(refused.expected()).isEqualTo("a place");
        assertThat(refused.nearest()).startsWith("fwd").hasSize(3).doesNotHaveDuplicates();
        assertThat(refused).hasMessageContaining("fwrd");
        assertThat(PLACES.find("sdd")).isEmpty();
        assertThat(PLACES.terms()).containsExactly(Place.values());
    }
}
