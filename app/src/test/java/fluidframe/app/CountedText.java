package fluidframe.app;

/**
 * A text that counts how often one of its letters is looked at, and gives up when that is more than anything linear
 * would need.
 */
final class CountedText implements CharSequence {

    /** Thrown once a letter has been looked at too often. */
    static final class TooManyLooksException extends RuntimeException {}

    private final String text;
    private final long most;
    private long looks;

    /** @param most how many looks at a letter there may be */
    CountedText(String text, long most) {
        this.text = text;
        this.most = most;
    }

    long looks() {
        return looks;
    }

    @Override
    public char charAt(int index) {
        if (++looks > most) {
            throw new TooManyLooksException();
        }
        return text.charAt(index);
    }

    @Override
    public int length() {
        return text.length();
    }

    @Override
    public CharSequence subSequence(int start, int end) {
        return text.substring(start, end);
    }

    @Override
    public String toString() {
        return text;
    }
}
