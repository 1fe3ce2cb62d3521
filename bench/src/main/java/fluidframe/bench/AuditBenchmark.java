package fluidframe.bench;

import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Finding;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import fluidframe.core.notation.FigureDraft;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long describing takes: reading a chart, auditing a figure, auditing a whole book. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class AuditBenchmark {

    private final FigureDraft draft = EightSteps.draft("eight-steps");
    private final Figure figure = figure(draft);
    private final Figure broken = figure(EightSteps.broken());
    private final List<Figure> book = IntStream.range(0, 300)
            .mapToObj(i -> figure(EightSteps.draft("figure-" + i)))
            .toList();

    private static Figure figure(FigureDraft draft) {
        return DraftReader.read(draft).figure().orElseThrow();
    }

    @Benchmark
    public DraftReading readBothCharts() {
        return DraftReader.read(draft);
    }

    @Benchmark
    public List<Finding> auditOneFigure() {
        return Audit.of(figure);
    }

    @Benchmark
    public List<Finding> auditAndMendOneBrokenFigure() {
        return Audit.of(broken);
    }

    @Benchmark
    public int auditThreeHundredFigures() {
        return book.stream().mapToInt(each -> Audit.of(each).size()).sum();
    }
}
