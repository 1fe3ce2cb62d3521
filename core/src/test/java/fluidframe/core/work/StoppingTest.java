package fluidframe.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** A computation is called off by whoever started it, and by nobody else. */
class StoppingTest {

    private static int counted(int steps) {
        int step = 0;
        while (step < steps) {
            Stopping.check();
            step++;
        }
        return step;
    }

    @Test
    void whatNobodyWantsToStopGoesOn() {
        assertThatCode(Stopping::check).doesNotThrowAnyException();
        assertThat(Stopping.when(() -> false, () -> counted(10))).isEqualTo(10);
    }

    @Test
    void itStopsAtTheNextStepOnceItIsNotWanted() {
        AtomicInteger asked = new AtomicInteger();

        assertThatThrownBy(() -> Stopping.when(() -> asked.incrementAndGet() > 3, () -> counted(10)))
                .isInstanceOf(StoppedException.class);
        assertThat(asked).hasValue(4);
        assertThatCode(Stopping::check)
                .as("what comes after is not stopped with it")
                .doesNotThrowAnyException();
    }

    @Test
    void whatIsStartedWithinIsStoppedByItsOwnAndThenTheOuterHoldsAgain() {
        assertThatThrownBy(() ->
                        Stopping.when(() -> true, () -> Stopping.when(() -> false, () -> counted(5)) + counted(1)))
                .isInstanceOf(StoppedException.class);
        assertThat(Stopping.when(() -> false, () -> {
                    assertThatThrownBy(() -> Stopping.when(() -> true, () -> counted(1)))
                            .isInstanceOf(StoppedException.class);
                    return counted(2);
                }))
                .isEqualTo(2);
    }

    @Test
    void anotherThreadIsNotStopped() throws InterruptedException {
        AtomicInteger counted = new AtomicInteger();
        Stopping.when(() -> true, () -> {
            Thread other = new Thread(() -> counted.set(counted(3)));
            other.start();
            try {
                other.join();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return 0;
        });
        assertThat(counted).hasValue(3);
    }
}
