package fluidframe.core.time;

/**
 * The time one mark of a count covers.
 *
 * @param token the mark
 * @param onset beats from the start of the figure
 * @param length beats until the next mark; zero or less where the count runs past the end of the figure
 */
public record Slot(CountToken token, Beats onset, Beats length) {

    public Beats end() {
        return onset.plus(length);
    }

    public boolean takesWeight() {
        return !token.bracketed();
    }
}
