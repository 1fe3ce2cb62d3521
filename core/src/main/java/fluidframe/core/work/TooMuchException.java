package fluidframe.core.work;

/** What is asked for is larger than anything that is danced; it was not begun. */
public final class TooMuchException extends IllegalArgumentException {

    private final String found;
    private final String expected;

    /**
     * @param found how much there is: "3,400 beats"
     * @param expected how much there may be: "at most 3,200 beats"
     */
    public TooMuchException(String found, String expected) {
        super(found + ": expected " + expected);
        this.found = found;
        this.expected = expected;
    }

    public String found() {
        return found;
    }

    public String expected() {
        return expected;
    }
}
