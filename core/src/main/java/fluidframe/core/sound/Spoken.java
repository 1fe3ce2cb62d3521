package fluidframe.core.sound;

import fluidframe.core.step.Step;
import fluidframe.core.time.CountToken;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The words a count is spoken in. */
public final class Spoken {

    private static final List<String> NUMBERS =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    public static final String AND = "and";
    public static final String A = "a";
    public static final String HOLD = "hold";
    /** Every word there is. */
    public static final List<String> WORDS = Stream.concat(NUMBERS.stream(), Stream.of(AND, A, "slow", "quick", HOLD))
            .toList();

    private Spoken() {}

    /** @param number from 1; above twelve it begins again */
    static String number(int number) {
        return NUMBERS.get(Math.floorMod(number - 1, NUMBERS.size()));
    }

    /** The mark of a step's count; nothing where the row has none. */
    static Optional<String> mark(Step step) {
        return step.count().map(Spoken::word);
    }

    private static String word(CountToken token) {
        if (token instanceof CountToken.Numbered numbered) {
            return number(numbered.beats().get(0));
        }
        if (token instanceof CountToken.Worded worded) {
            return worded.toString().toUpperCase(Locale.ROOT).contains("S") ? "slow" : "quick";
        }
        return token instanceof CountToken.And ? AND : token instanceof CountToken.A ? A : HOLD;
    }

    /** The same word as it is written large: "1", "&", "S". */
    static String shown(String word) {
        int number = NUMBERS.indexOf(word);
        return number >= 0
                ? String.valueOf(number + 1)
                : switch (word) {
                    case AND -> "&";
                    case HOLD -> "h";
                    case A -> "a";
                    default -> word.substring(0, 1).toUpperCase(Locale.ROOT);
                };
    }
}
