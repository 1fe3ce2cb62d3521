package fluidframe.app.composing;

import fluidframe.core.compose.Watch;
import fluidframe.core.work.Stopping;
import java.time.Duration;

/** A composition being worked out: how far it is, and whether it has been told to stop. */
final class Run implements Watch {

    private volatile long begun;
    private final Duration longest;
    private volatile boolean stopped;
    private volatile int sequences;
    private volatile int found;

    Run(Duration longest) {
        this.longest = longest;
    }

    /** Its turn has come. */
    void begin() {
        begun = System.nanoTime();
    }

    boolean hasBegun() {
        return begun != 0;
    }

    void stop() {
        stopped = true;
    }

    @Override
    public boolean stops() {
        Stopping.check();
        return stopped || Duration.ofNanos(System.nanoTime() - begun).compareTo(longest) > 0;
    }

    @Override
    public void saw(int looked, int answers) {
        sequences = looked;
        found = answers;
    }

    int sequences() {
        return sequences;
    }

    int found() {
        return found;
    }

    double seconds() {
        return Duration.ofNanos(System.nanoTime() - begun).toMillis() / 1000.0;
    }
}
