package fluidframe.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TokensTest {

    private static final String SAYS_SOMETHING = "[a-zA-Z0-9]";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Right foot forward      | right foot forward",
                "e1, RF2                 | e 1 , rf 2",
                "L.O.D. and D.C.         | lod and dc",
                "3 / 8 R                 | 3/8 r",
                "½ to the left           | 1/2 to the left",
                "heel-toe                | heel toe",
                "heel - toe              | heel - toe",
                "partner's side          | partners side",
                "90° (swivel); then      | 90 ° ( swivel ) ; then",
                "2 & 3 + 4               | 2 and 3 and 4",
                "toe/heel                | toe / heel"
            })
    void wordsNumbersAndMarksAreTakenApart(String text, String words) {
        assertThat(Tokens.of(text.strip()).stream().map(Token::word).collect(Collectors.joining(" ")))
                .isEqualTo(words.strip());
    }

    /** Every token stands where it says, one after another, and nothing but blanks and joints lies between. */
    @Property
    void everyTokenStandsWhereItSays(@ForAll String text) {
        List<Token> tokens = Tokens.of(text);
        int end = 0;
        for (Token token : tokens) {
            assertThat(token.from()).isGreaterThanOrEqualTo(end);
            assertThat(token.to()).isGreaterThan(token.from()).isLessThanOrEqualTo(text.length());
            assertThat(text.substring(end, token.from())).doesNotContainPattern(SAYS_SOMETHING);
            end = token.to();
        }
        assertThat(text.substring(end)).doesNotContainPattern(SAYS_SOMETHING);
    }
}
