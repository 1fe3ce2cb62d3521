package fluidframe.app.work;

import fluidframe.app.problems.BusyException;
import fluidframe.core.routine.Routine;
import fluidframe.core.time.Beats;
import fluidframe.core.work.StoppedException;
import fluidframe.core.work.Stopping;
import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Does costly work a few pieces at a time, in the order asked for, each with a deadline and only while its caller
 * listens. So no request, and no number of them, keeps the light ones waiting or fills the memory. Work does not ask
 * for other work.
 */
@Component
public final class Work {

    /** A routine of ordinary length: three minutes at the fastest tempo. */
    private static final Beats ORDINARY = Beats.of(640);

    private final Map<Lane, Turns> turns = new EnumMap<>(Lane.class);
    /** How the thread gives back its turn at reading what was sent, where it has one. */
    private final ThreadLocal<Runnable> taken = new ThreadLocal<>();

    Work() {
        for (Lane lane : Lane.values()) {
            turns.put(lane, new Turns(lane.atOnce(), lane.mostWaiting()));
        }
    }

    /**
     * Does something a coach waits for while working.
     *
     * @throws BusyException if its turn does not come, or if it takes too long
     * @throws HungUpException if nobody waits for it any more
     */
    public <T> T quickly(Supplier<T> work) {
        return in(Lane.SHORT, work);
    }

    /** Something that takes seconds; it throws as {@link #quickly} does. */
    public <T> T patiently(Supplier<T> work) {
        return in(Lane.LONG, work);
    }

    /** A whole book that comes in; it throws as {@link #quickly} does. */
    public <T> T overABook(Supplier<T> work) {
        return in(Lane.BOOKS, work);
    }

    /**
     * Something about a routine, quickly unless the routine is extraordinarily long; it throws as {@link #quickly}
     * does.
     */
    public <T> T about(Supplier<Routine> reading, Function<Routine, T> work) {
        Result<T> result = quickly(() -> {
            Routine routine = reading.get();
            return isOrdinary(routine) ? new Result<>(routine, work.apply(routine)) : new Result<>(routine, null);
        });
        return isOrdinary(result.routine()) ? result.value() : patiently(() -> work.apply(result.routine()));
    }

    private record Result<T>(Routine routine, T value) {}

    private static boolean isOrdinary(Routine routine) {
        return routine.length().compareTo(ORDINARY) <= 0;
    }

    /** Sound that is played while it is sent; it throws as {@link #quickly} does. */
    public void playing(Runnable work) {
        in(Lane.SOUND, () -> {
            work.run();
            return null;
        });
    }

    /** Something that may fail as reading fails. */
    @FunctionalInterface
    public interface Reading {

        void read() throws IOException, ServletException;
    }

    /**
     * Reads something large that has been sent, a few at a time, whatever is then done with it.
     *
     * @throws BusyException if its turn does not come
     * @throws HungUpException if nobody waits for it any more
     */
    public void takingIn(Reading reading) throws IOException, ServletException {
        take(Lane.BODIES);
        AtomicBoolean held = new AtomicBoolean(true);
        taken.set(() -> {
            if (held.compareAndSet(true, false)) {
                turns.get(Lane.BODIES).giveBack();
            }
        });
        try {
            reading.read();
        } finally {
            letOthersBeRead();
            taken.remove();
        }
    }

    /** What was sent has been read; whatever it asks for is waited for in another line. */
    private void letOthersBeRead() {
        Runnable giveBack = taken.get();
        if (giveBack != null) {
            giveBack.run();
        }
    }

    /** How many wait for their turn. */
    int waiting(Lane lane) {
        return turns.get(lane).waiting();
    }

    /** How many are at work. */
    int working(Lane lane) {
        return turns.get(lane).working();
    }

    private <T> T in(Lane lane, Supplier<T> work) {
        letOthersBeRead();
        take(lane);
        Patience patience = new Patience(lane.longestWork(), Caller.hungUp());
        try {
            return Stopping.when(patience, work);
        } catch (StoppedException e) {
            throw patience.isAlone()
                    ? new HungUpException()
                    : new BusyException(
                            WorkSentences.thisTookLongerThanSecondsAnd(
                                    lane.longestWork().toSeconds()),
                            lane.longestWait());
        } finally {
            turns.get(lane).giveBack();
        }
    }

    private void take(Lane lane) {
        Patience waiting = new Patience(lane.longestWait(), Caller.hungUp());
        if (!turns.get(lane).take(waiting)) {
            throw waiting.isAlone()
                    ? new HungUpException()
                    : new BusyException(WorkSentences.theProgramIsBusyWithOther(), lane.longestWait());
        }
    }
}
