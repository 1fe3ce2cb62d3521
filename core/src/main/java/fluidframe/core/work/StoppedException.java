package fluidframe.core.work;

/** A computation was called off before it had an answer. */
public final class StoppedException extends RuntimeException {

    StoppedException() {
        super("called off");
    }
}
