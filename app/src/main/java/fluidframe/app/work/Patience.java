package fluidframe.app.work;

import java.time.Duration;
import java.util.function.BooleanSupplier;

/** How long a piece of work may go on: to its deadline, and while its caller listens. Used by one thread. */
final class Patience implements BooleanSupplier {

    /** Looking at the connection costs more than looking at the clock. */
    private static final Duration BETWEEN_LOOKS = Duration.ofMillis(100);

    private final BooleanSupplier hungUp;
    private final long deadline;
    private long nextLook = System.nanoTime() + BETWEEN_LOOKS.toNanos();
    private boolean alone;

    Patience(Duration longest, BooleanSupplier hungUp) {
        this.deadline = System.nanoTime() + longest.toNanos();
        this.hungUp = hungUp;
    }

    /** Whether it is time to stop. */
    @Override
    public boolean getAsBoolean() {
        long now = System.nanoTime();
        if (!alone && now - nextLook > 0) {
            alone = hungUp.getAsBoolean();
            nextLook = now + BETWEEN_LOOKS.toNanos();
        }
        return alone || now - deadline > 0;
    }

    /** Whether the caller has hung up. */
    boolean isAlone() {
        return alone;
    }
}
