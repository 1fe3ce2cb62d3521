package fluidframe.core.work;

import java.util.function.BooleanSupplier;
import java.util.function.Supplier;

/**
 * Lets a computation be called off from outside, without every method on the way passing on by whom. Whoever starts one
 * says when it should stop; the computation asks at every figure, step or second of sound. (A thread's interruption
 * would do for the computing, but interrupts the reading of files as well.)
 */
public final class Stopping {

    private static final ThreadLocal<BooleanSupplier> STOPS = new ThreadLocal<>();

    private Stopping() {}

    /**
     * Computes something on this thread.
     *
     * @param stops asked often, so it must answer at once
     * @throws StoppedException once it says so
     */
    public static <T> T when(BooleanSupplier stops, Supplier<T> work) {
        BooleanSupplier outer = STOPS.get();
        STOPS.set(stops);
        try {
            return work.get();
        } finally {
            if (outer == null) {
                STOPS.remove();
            } else {
                STOPS.set(outer);
            }
        }
    }

    /** @throws StoppedException if whoever started this no longer wants it */
    public static void check() {
        BooleanSupplier stops = STOPS.get();
        if (stops != null && stops.getAsBoolean()) {
            throw new StoppedException();
        }
    }
}
