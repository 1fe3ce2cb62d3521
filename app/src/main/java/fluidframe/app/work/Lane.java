package fluidframe.app.work;

import java.time.Duration;

/** What costly work waits in line for. Light requests wait in none. */
enum Lane {

    /** What a coach waits for while working: a score, what may come next, a floor. */
    SHORT(2, 64, Duration.ofSeconds(8), Duration.ofSeconds(10)),
    /** What takes seconds: composing, very long routines, reports on all there is. */
    LONG(1, 24, Duration.ofSeconds(20), Duration.ofSeconds(45)),
    /** A whole book coming in: thousands of figures are read and audited one by one. */
    BOOKS(1, 8, Duration.ofSeconds(45), Duration.ofMinutes(3)),
    /** What is large and has been sent: it is read, and then does whatever it asks for. */
    BODIES(2, 64, Duration.ofSeconds(20), Duration.ofSeconds(60)),
    /** Sound that is played into a file while it is sent. */
    SOUND(1, 16, Duration.ofSeconds(30), Duration.ofSeconds(120));

    private final int atOnce;
    private final int mostWaiting;
    private final Duration longestWait;
    private final Duration longestWork;

    Lane(int atOnce, int mostWaiting, Duration longestWait, Duration longestWork) {
        this.atOnce = atOnce;
        this.mostWaiting = mostWaiting;
        this.longestWait = longestWait;
        this.longestWork = longestWork;
    }

    int atOnce() {
        return atOnce;
    }

    int mostWaiting() {
        return mostWaiting;
    }

    Duration longestWait() {
        return longestWait;
    }

    Duration longestWork() {
        return longestWork;
    }
}
