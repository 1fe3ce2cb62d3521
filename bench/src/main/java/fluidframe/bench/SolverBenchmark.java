package fluidframe.bench;

import fluidframe.core.compose.Answer;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Weights;
import fluidframe.core.compose.Wish;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The same wish of whole figures answered by the composer and by a general constraint solver; the two must agree on the
 * best score.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
public class SolverBenchmark {

    private static final Beats BAR = Beats.of(4);
    /** What the solver's model knows: nothing of contrast, nor of what was danced before. */
    private static final Weights MODELLED = new Weights(6, 3, 4, 3, 0, 2, 5, 0, 0, 6, 0);

    @Param({"20"})
    private int figures;

    @Param({"6", "8", "10"})
    private int bars;

    private Repertoire repertoire;
    private Wish wish;

    @Setup
    public void agree() {
        repertoire = Repertoire.of(SixtyFigures.of(figures), Conditions.OPEN);
        wish = Wish.of(BAR.times(bars), BAR.times(bars), MusicMap.plain(BAR, 8, new Tempo(29)))
                .withBends(true)
                .withRequired(Set.of("figure-3"))
                .withAnswers(1)
                .withWeights(MODELLED)
                .withTaste(Taste.FREE.withWholeFigures());
        Optional<Integer> ours = composer().compositions().stream()
                .map(composition -> composition.points())
                .findFirst();
        Optional<Integer> theirs = solver();
        if (!ours.equals(theirs) || !composer().exact()) {
            throw new IllegalStateException("the composer says " + ours + ", the solver " + theirs);
        }
        System.out.println("best score of both: " + ours.map(String::valueOf).orElse("none"));
    }

    @Benchmark
    public Answer composer() {
        return Composer.compose(repertoire.forgetful(), wish, () -> false);
    }

    @Benchmark
    public Optional<Integer> solver() {
        return new ConstraintModel(repertoire.forgetful(), wish).best();
    }
}
