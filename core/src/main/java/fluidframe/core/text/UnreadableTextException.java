package fluidframe.core.text;

import java.util.List;

/**
 * A text that the notation does not know. It carries the text, what was expected in its place and the
 * nearest things it could have been, so that whoever shows it can say all three.
 */
public final class UnreadableTextException extends IllegalArgumentException {

    private final transient String text;
    private final transient String expected;
    private final transient List<String> nearest;

    public UnreadableTextException(String text, String expected, List<String> nearest) {
        super("cannot read \"" + text + "\": expected " + expected);
        this.text = text;
        this.expected = expected;
        this.nearest = List.copyOf(nearest);
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
        return nearest;
    }
}
