package fluidframe.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Whatever is counted in one form is said in the other so that every step stays where it was, or a reason is given.
 * With {@code -Dfluidframe.counts} as many are tried in each dance as are wanted.
 */
class CountConversionTest {

    private static final int COUNTS = Integer.getInteger("fluidframe.counts", 1_000);
    private static final List<String> MARKS = List.of("S", "Q", "&", "a", "1", "2", "3", "4", "(2)", "h", "(Q)", "2-3");

    static Stream<Dance> dances() {
        return Dances.all().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("dances")
    void nothingIsRounded(Dance dance) {
        Random random = new Random(dance.id().hashCode());
        int converted = 0;
        for (int i = 0; i < COUNTS; i++) {
            Rhythm rhythm = dance.rhythm().withFeel(random.nextBoolean() ? Feel.QUARTER : Feel.TRIPLET);
            List<String> marks = IntStream.rangeClosed(0, random.nextInt(6))
                    .mapToObj(n -> MARKS.get(random.nextInt(MARKS.size())))
                    .toList();
            Optional<Timing> timing =
                    tried(() -> Timing.of(rhythm, Count.parse(String.join(" ", marks)), Beats.of(12)));
            if (timing.isPresent()
                    && timing.get().slots().stream()
                            .allMatch(slot -> slot.length().isPositive())) {
                converted += staysTheSame(timing.get(), tried(() -> timing.get().inNumbers()));
                converted += staysTheSame(timing.get(), tried(() -> timing.get().sayInWords()));
            }
        }
        assertThat(converted).as("counts that could be said in the other form").isGreaterThan(20);
    }

    private static int staysTheSame(Timing timing, Optional<Count> said) {
        said.ifPresent(count -> {
            Timing back = Timing.of(timing.rhythm(), count, timing.length());
            assertThat(onsets(back)).as("%s as %s", timing.count(), count).isEqualTo(onsets(timing));
            assertThat(back.slots())
                    .extracting(Slot::takesWeight)
                    .isEqualTo(timing.slots().stream().map(Slot::takesWeight).toList());
        });
        return said.isPresent() ? 1 : 0;
    }

    private static List<Beats> onsets(Timing timing) {
        List<Beats> onsets = new ArrayList<>();
        timing.slots().forEach(slot -> onsets.add(slot.onset()));
        return onsets;
    }

    private static <T> Optional<T> tried(Supplier<T> attempt) {
        try {
            return Optional.of(attempt.get());
        } catch (CountException e) {
            assertThat(e.getMessage()).isNotBlank();
            return Optional.empty();
        }
    }
}
