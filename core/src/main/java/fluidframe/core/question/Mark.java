package fluidframe.core.question;

/**
 * How good an answer is.
 *
 * @param sentence what is said to it
 */
public record Mark(Outcome outcome, String sentence) {

    /** Unread is an answer that nobody could mark; it may be said otherwise. */
    public enum Outcome {
        RIGHT,
        NEARLY,
        WRONG,
        UNREAD
    }
}
