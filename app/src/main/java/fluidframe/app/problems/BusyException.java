package fluidframe.app.problems;

import java.time.Duration;

/** Others are before it and it waited long enough; nothing was done. */
public final class BusyException extends RuntimeException {

    private final transient Duration retryAfter;

    public BusyException(String message, Duration retryAfter) {
        super(message);
        this.retryAfter = retryAfter;
    }

    public Duration retryAfter() {
        return retryAfter;
    }
}
