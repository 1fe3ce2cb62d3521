package fluidframe.app.work;

import java.time.Duration;
import java.util.function.BooleanSupplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * How long a search goes on before it is content with the best it has found. On a slow machine the times can be
 * lengthened, so that proofs are not given up that a quicker one would finish.
 */
@Component
public final class SearchTime {

    private final int factor;

    /** @param factor how many times the usual time a search may take, 1 or more */
    SearchTime(@Value("${fluidframe.search-time-factor}") int factor) {
        if (factor < 1) {
            throw new IllegalArgumentException(
                    "fluidframe.search-time-factor: found " + factor + ", expected 1 or more");
        }
        this.factor = factor;
    }

    /** The usual time, lengthened as it is set on this machine. */
    public Duration of(Duration usual) {
        return usual.multipliedBy(factor);
    }

    /** Says when the time that starts now is over. */
    public BooleanSupplier startingNow(Duration usual) {
        long deadline = System.nanoTime() + of(usual).toNanos();
        return () -> System.nanoTime() - deadline > 0;
    }
}
