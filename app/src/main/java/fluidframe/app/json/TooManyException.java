package fluidframe.app.json;

/** A list that was sent goes on beyond its bound. */
public final class TooManyException extends RuntimeException {

    private final int most;
    private final String expected;

    TooManyException(int most, String expected) {
        super(JsonSentences.moreThanExpected(most, expected));
        this.most = most;
        this.expected = expected;
    }

    public int most() {
        return most;
    }

    /** What was expected instead, as a part of a sentence. */
    public String expected() {
        return expected;
    }
}
