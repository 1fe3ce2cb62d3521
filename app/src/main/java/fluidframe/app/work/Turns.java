package fluidframe.app.work;

import java.util.ArrayDeque;
import java.util.Deque;

/** Lets a few work at once and the others wait in the order they came. */
final class Turns {

    private static final long BETWEEN_LOOKS_MILLISECONDS = 100;

    private final int atOnce;
    private final int mostWaiting;
    private final Deque<Object> waiting = new ArrayDeque<>();
    private int working;

    Turns(int atOnce, int mostWaiting) {
        this.atOnce = atOnce;
        this.mostWaiting = mostWaiting;
    }

    /**
     * Waits for a turn.
     *
     * @param patience how long
     * @return whether it has come; if so it must be given back
     */
    synchronized boolean take(Patience patience) {
        if (waiting.size() >= mostWaiting) {
            return false;
        }
        Object place = new Object();
        waiting.add(place);
        try {
            while (working == atOnce || waiting.peek() != place) {
                if (patience.getAsBoolean()) {
                    return false;
                }
                wait(BETWEEN_LOOKS_MILLISECONDS);
            }
            working++;
            return true;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        } finally {
            waiting.remove(place);
            notifyAll();
        }
    }

    synchronized int waiting() {
        return waiting.size();
    }

    synchronized int working() {
        return working;
    }

    synchronized void giveBack() {
        working--;
        notifyAll();
    }
}
