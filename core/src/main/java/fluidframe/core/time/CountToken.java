package fluidframe.core.time;

import java.util.List;
import java.util.stream.Collectors;

/** One mark of a count. Brackets say that no weight is taken on it. */
public sealed interface CountToken {

    boolean bracketed();

    /** One beat of the bar, or several tied together: {@code 4}, {@code 4-1}. */
    record Numbered(List<Integer> beats, boolean bracketed) implements CountToken {
        public Numbered {
            beats = List.copyOf(beats);
        }

        @Override
        public String toString() {
            return bracket(beats.stream().map(String::valueOf).collect(Collectors.joining("-")), bracketed);
        }
    }

    /** One word, or several tied together: {@code S}, {@code S-Q}. */
    record Worded(List<Word> words, boolean bracketed) implements CountToken {
        public Worded {
            words = List.copyOf(words);
        }

        @Override
        public String toString() {
            return bracket(words.stream().map(Word::name).collect(Collectors.joining("-")), bracketed);
        }
    }

    /** {@code &}. */
    record And(boolean bracketed) implements CountToken {
        @Override
        public String toString() {
            return bracket("&", bracketed);
        }
    }

    /** {@code a}. */
    record A(boolean bracketed) implements CountToken {
        @Override
        public String toString() {
            return bracket("a", bracketed);
        }
    }

    /** {@code h}: one beat on which nothing new is done. */
    record Held() implements CountToken {
        @Override
        public boolean bracketed() {
            return true;
        }

        @Override
        public String toString() {
            return "h";
        }
    }

    private static String bracket(String text, boolean bracketed) {
        return bracketed ? "(" + text + ")" : text;
    }
}
