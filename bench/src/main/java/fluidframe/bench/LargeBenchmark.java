package fluidframe.bench;

import fluidframe.core.compose.Answer;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Wish;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Composing far beyond what anybody teaches: three hundred figures, 128 bars, in 512 MB. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgsAppend = "-Xmx512m")
@Warmup(iterations = 2, time = 5)
@Measurement(iterations = 3, time = 5)
public class LargeBenchmark {

    private static final Beats BAR = Beats.of(4);

    private final Repertoire known = Repertoire.of(SixtyFigures.of(300), Conditions.OPEN);

    @Benchmark
    public Answer composeHundredTwentyEightBars() {
        Wish wish = Wish.of(BAR.times(128), BAR.times(128), MusicMap.plain(BAR, 8, new Tempo(29)))
                .withBends(true)
                .withMostTimes(2)
                .withRequired(Set.of("figure-3", "figure-14", "figure-25", "figure-36"));
        return Composer.compose(known, wish, () -> false);
    }
}
