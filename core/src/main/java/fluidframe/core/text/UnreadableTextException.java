package fluidframe.core.text;

import java.util.List;
import java.util.function.Supplier;

/**
 * A text that the notation does not know. It carries the text, what was expected in its place and the nearest things it
 * could have been, so that whoever shows it can say all three.
 */
public final class UnreadableTextException extends IllegalArgumentException {

    private final transient String text;
    private final transient String expected;
    private final transient Supplier<List<String>> nearest;

    /**
     * @param nearest is asked only where somebody shows it: most texts that are no shorthand are understood as words
     */
    UnreadableTextException(String text, String expected, Supplier<List<String>> nearest) {
        super(TextSentences.cannotReadExpected(text, expected));
        this.text = text;
        this.expected = expected;
        this.nearest = nearest;
    }

    public UnreadableTextException(String text, String expected, List<String> nearest) {
        this(text, expected, () -> nearest);
    }

    public UnreadableTextException(String text, String expected) {
        this(text, expected, List.of());
    }

    /** What is typed is unreadable with almost every letter; nobody asks where in the program that was noticed. */
    @Override
    public synchronized Throwable fillInStackTrace() {
        return this;
    }

    public String text() {
        return text;
    }

    public String expected() {
        return expected;
    }

    public List<String> nearest() {
        return List.copyOf(nearest.get());
    }
}
