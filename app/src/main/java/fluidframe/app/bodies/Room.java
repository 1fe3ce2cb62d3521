package fluidframe.app.bodies;

import java.io.IOException;
import java.util.concurrent.atomic.AtomicLong;

/** How much may be under way at once in all bodies together. */
final class Room {

    private final long most;
    private final AtomicLong taken = new AtomicLong();

    /** Too much is under way already. */
    static final class NoRoomException extends IOException {
        NoRoomException() {
            super(BodiesSentences.tooMuchIsBeingSentAtOnce());
        }
    }

    /** @param most bytes */
    Room(long most) {
        this.most = most;
    }

    void take(long bytes) throws NoRoomException {
        if (taken.addAndGet(bytes) > most) {
            throw new NoRoomException();
        }
    }

    void giveBack(long bytes) {
        taken.addAndGet(-bytes);
    }

    long taken() {
        return taken.get();
    }
}
