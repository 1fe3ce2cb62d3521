package fluidframe.app.problems;

import java.util.Optional;

/** What was asked for collides with what is stored; both are kept. */
public final class ConflictException extends RuntimeException {

    private final transient Object stored;

    public ConflictException(String message) {
        this(message, null);
    }

    /** @param stored what is stored now, so that whoever asked can compare */
    public ConflictException(String message, Object stored) {
        super(message);
        this.stored = stored;
    }

    public Optional<Object> stored() {
        return Optional.ofNullable(stored);
    }
}
