package fluidframe.app.work;

/** Nobody waits for the answer any more; the work was called off. */
public final class HungUpException extends RuntimeException {

    HungUpException() {
        super(WorkSentences.theCallerHasHungUp());
    }
}
