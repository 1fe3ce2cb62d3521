package fluidframe.core.time;

/** A count whose marks can each be read but which means nothing in this dance; says at which mark, from 0. */
public final class CountException extends IllegalArgumentException {

    private final int index;

    public CountException(int index, String message) {
        super(message);
        this.index = index;
    }

    public int index() {
        return index;
    }
}
