package fluidframe.bench;

import fluidframe.core.compose.Answer;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Wish;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Bridges;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Move;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long linking and composing take in a dance of sixty figures with all their ways. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 3)
public class LinkBenchmark {

    private static final Beats BAR = Beats.of(4);

    private final List<Figure> dance = SixtyFigures.of(60);
    private final Repertoire known = Repertoire.of(dance, Conditions.OPEN);
    private Dancing first;
    private Dancing goal;

    @Setup
    public void choose() {
        first = known.dancings().get(0);
        goal = known.dancings().stream()
                .filter(dancing -> dancing.figure().id().equals("figure-59"))
                .findFirst()
                .orElseThrow();
    }

    private ExitState left() {
        return first.exitFrom(first.entry().facings().get(0), Beats.ZERO);
    }

    /** Every figure in every way from every heading into every other. */
    @Benchmark
    public int linkTable() {
        Repertoire fresh = Repertoire.of(dance, Conditions.OPEN);
        return fresh.beginnings().stream()
                .mapToInt(move -> fresh.after(Optional.of(move.dancing().figure()), move.exit())
                        .size())
                .sum();
    }

    @Benchmark
    public List<Move> whatNext() {
        Repertoire fresh = known.forgetful();
        return fresh.after(Optional.of(first.figure()), left());
    }

    @Benchmark
    public List<List<Move>> bridge() {
        return new Bridges(known.forgetful()).between(Optional.of(first.figure()), left(), goal, BAR.times(6), 3);
    }

    @Benchmark
    public Answer composeSixtyFourBars() {
        Wish wish = Wish.of(BAR.times(64), BAR.times(64), MusicMap.plain(BAR, 8, new Tempo(29)))
                .withBends(true)
                .withMostTimes(2)
                .withRequired(Set.of("figure-3", "figure-14", "figure-25", "figure-36"));
        return Composer.compose(known, wish, () -> false);
    }
}
