package fluidframe.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

class TurnsTest {

    private static final Duration LONG = Duration.ofMinutes(1);

    @Test
    void onlySoManyWorkAtOnce() {
        Turns turns = new Turns(2, 4);
        assertThat(turns.take(patience(LONG))).isTrue();
        assertThat(turns.take(patience(LONG))).isTrue();
        assertThat(turns.take(patience(Duration.ZERO)))
                .as("a third, who will not wait")
                .isFalse();
        turns.giveBack();
        assertThat(turns.take(patience(LONG))).isTrue();
    }

    @Test
    void theyComeInTheOrderTheyAsked() throws Exception {
        Turns turns = new Turns(1, 8);
        turns.take(patience(LONG));
        List<Integer> order = Collections.synchronizedList(new ArrayList<>());
        List<Thread> people = new ArrayList<>();
        for (int person = 0; person < 5; person++) {
            int number = person;
            people.add(begun(() -> {
                turns.take(patience(LONG));
                order.add(number);
                turns.giveBack();
            }));
            awaitWaiting(turns, person + 1);
        }
        turns.giveBack();
        for (Thread person : people) {
            person.join();
        }
        assertThat(order).containsExactly(0, 1, 2, 3, 4);
    }

    @Test
    void whereTooManyWaitNobodyElseDoes() throws Exception {
        Turns turns = new Turns(1, 1);
        turns.take(patience(LONG));
        Thread waiting = begun(() -> turns.take(patience(LONG)));
        awaitWaiting(turns, 1);
        assertThat(turns.take(patience(LONG))).isFalse();
        turns.giveBack();
        waiting.join();
    }

    @Test
    void whoeverHangsUpLeavesTheLine() throws Exception {
        Turns turns = new Turns(1, 8);
        turns.take(patience(LONG));
        AtomicBoolean hungUp = new AtomicBoolean();
        Patience patience = new Patience(LONG, hungUp::get);
        Thread waiting = begun(() -> turns.take(patience));
        awaitWaiting(turns, 1);
        hungUp.set(true);
        waiting.join();
        assertThat(patience.isAlone()).isTrue();
        assertThat(turns.waiting()).isZero();
    }

    private static Patience patience(Duration longest) {
        return new Patience(longest, () -> false);
    }

    private static Thread begun(Runnable work) {
        Thread thread = new Thread(work);
        thread.start();
        return thread;
    }

    private static void awaitWaiting(Turns turns, int number) throws InterruptedException {
        while (turns.waiting() < number) {
            Thread.sleep(5);
        }
    }
}
