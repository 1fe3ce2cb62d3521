package fluidframe.core.rules;

import java.util.Optional;

/** Whether the couple must hold each other, and how long they may be apart. */
public sealed interface HoldRule {

    /** As they like. */
    record Free() implements HoldRule {}

    /** In closed hold from the first step of a figure to the last. */
    record Kept() implements HoldRule {}

    /**
     * Without any hold no longer than this, seconds.
     *
     * @param atOnce in one stretch
     * @param inAll over the whole routine
     */
    record Apart(Optional<Double> atOnce, Optional<Double> inAll) implements HoldRule {}
}
