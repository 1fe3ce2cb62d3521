package fluidframe.core.memory;

import static fluidframe.core.memory.Grade.GOOD;
import static fluidframe.core.memory.Grade.LOST;
import static fluidframe.core.memory.Grade.SECURE;
import static fluidframe.core.memory.Grade.SHAKY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class MemoryTest {

    private static final Instant BEGIN = Instant.parse("2026-01-05T18:00:00Z");

    private static Instant day(double days) {
        return BEGIN.plusSeconds(Math.round(days * Duration.ofDays(1).toSeconds()));
    }

    /**
     * The published example of intervals: learned on one day, then seen when due, lost twice on one day, and had again
     * from there.
     */
    @Test
    void thePublishedIntervalsComeOut() {
        List<Integer> intervals = List.of(2, 11, 46, 163, 498);
        Memory memory = Memory.first(GOOD, day(0)).then(GOOD, day(0));
        double now = 0;
        for (int wanted : intervals) {
            assertThat(memory.interval()).isEqualTo(wanted);
            now += wanted;
            memory = memory.then(wanted == 498 ? LOST : GOOD, day(now));
        }
        memory = memory.then(LOST, day(now)).then(GOOD, day(now));
        for (int wanted : List.of(2, 4, 7, 12, 21)) {
            assertThat(memory.interval()).isEqualTo(wanted);
            now += wanted;
            memory = memory.then(GOOD, day(now));
        }
    }

    /** The published example of a memory after six times. */
    @Test
    void thePublishedMemoryComesOut() {
        Memory memory = Memory.first(LOST, day(0));
        double now = 0;
        for (int after : List.of(0, 1, 3, 8, 21)) {
            now += after;
            memory = memory.then(GOOD, day(now));
        }
        assertThat(memory.stability()).isCloseTo(53.62691, within(1e-4));
        assertThat(memory.difficulty()).isCloseTo(6.3574867, within(1e-4));
    }

    @Test
    void atItsIntervalItIsHadNineTimesOutOfTen() {
        Memory memory = new Memory(20, 5, BEGIN);
        assertThat(memory.recallAt(day(0))).isEqualTo(1);
        assertThat(memory.recallAt(day(20))).isCloseTo(0.9, within(1e-9));
        assertThat(memory.interval()).isEqualTo(20);
        assertThat(memory.due()).isEqualTo(day(20));
    }

    @Test
    void aMomentBeforeTheLastCountsAsTheLast() {
        Memory memory = Memory.first(GOOD, day(3));
        assertThat(memory.then(GOOD, day(1)).last()).isEqualTo(day(3));
        assertThat(memory.recallAt(day(1))).isEqualTo(1);
    }

    @Property(tries = 200)
    void aBetterGradeNeverMakesItLessSteadyNorHarder(
            @ForAll @Size(min = 1, max = 12) List<@IntRange(min = 1, max = 4) Integer> grades,
            @ForAll @IntRange(max = 60) int days) {
        Memory memory = Memory.first(Grade.values()[grades.get(0) - 1], day(0));
        double now = 0;
        for (int grade : grades.subList(1, grades.size())) {
            now += days;
            memory = memory.then(Grade.values()[grade - 1], day(now));
        }
        Instant next = day(now + days);
        assertThat(memory.stability()).isPositive();
        assertThat(memory.difficulty()).isBetween(1.0, 10.0);
        List<Memory> after = List.of(
                memory.then(LOST, next), memory.then(SHAKY, next), memory.then(GOOD, next), memory.then(SECURE, next));
        assertThat(after).isSortedAccordingTo((a, b) -> Double.compare(a.stability(), b.stability()));
        assertThat(after).isSortedAccordingTo((a, b) -> Double.compare(b.difficulty(), a.difficulty()));
    }
}
