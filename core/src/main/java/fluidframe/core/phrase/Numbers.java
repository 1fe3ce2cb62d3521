package fluidframe.core.phrase;

import fluidframe.core.text.Token;
import java.util.List;
import java.util.OptionalInt;

/** Whole numbers in figures and in words, as far as steps and beats are counted. */
public final class Numbers {

    private static final List<String> WORDS =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final int MOST_DIGITS = 3;

    private Numbers() {}

    /** The number a word is, if it is one. */
    public static OptionalInt of(Token token) {
        int word = WORDS.indexOf(token.word());
        if (word >= 0) {
            return OptionalInt.of(word + 1);
        }
        boolean whole = token.isNumber()
                && token.word().indexOf('/') < 0
                && token.word().length() <= MOST_DIGITS;
        return whole ? OptionalInt.of(Integer.parseInt(token.word())) : OptionalInt.empty();
    }
}
