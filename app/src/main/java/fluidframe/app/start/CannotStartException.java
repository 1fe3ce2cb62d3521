package fluidframe.app.start;

/**
 * The program cannot start, or cannot do what its command line asks; its message says why, what was left as it was, and
 * what to do.
 */
public final class CannotStartException extends RuntimeException {

    /**
     * @param what what is wrong
     * @param left what has become of the data
     * @param next what to do
     */
    public CannotStartException(String what, String left, String next) {
        super(what + "\n" + left + "\n" + next);
    }
}
