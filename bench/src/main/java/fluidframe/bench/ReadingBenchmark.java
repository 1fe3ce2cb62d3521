package fluidframe.bench;

import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.listing.ListingReader;
import fluidframe.core.listing.RoutineListing;
import fluidframe.core.notation.CellReader;
import fluidframe.core.notation.CellReading;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.phrase.Situation;
import fluidframe.core.talk.Description;
import fluidframe.core.talk.DescriptionReader;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/** Reading cells said in words, eight steps told for both parts, and a list of forty lines against sixty figures. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class ReadingBenchmark {

    private static final int CELLS = 8;
    private static final String STEPS =
            "right foot forward facing diagonal wall, heel toe, CBM; left foot to the side backing diag centre, a quarter to the right, toe, sway right; "
                    + "close right to left backing line of dance, an eighth, toe heel; left foot back, toe heel, CBM; right foot to side pointing DC, three eighths, body less, toe; left foot closes, body completes, toe heel; "
                    + "right foot forward outside partner, heel toe; left foot to the side, toe";
    private static final String TOLD = "Man: " + STEPS
            + ". Begin to rise at the end of one, continue on two and three, lower at the end of three. Lady: " + STEPS
            + ". It ends facing diagonal centre.";

    private final Dance waltz = Dances.find("waltz").orElseThrow();
    private final List<Figure> book = SixtyFigures.of(60);
    private final FigureDraft blank =
            DraftWriter.write(book.get(0)).withMan(List.of()).withLady(List.of());
    private final String list = IntStream.range(0, 40)
            .mapToObj(line -> (line + 1) + ". " + book.get(line).title() + (line % 5 == 0 ? " x2" : ""))
            .collect(Collectors.joining("\n"));

    @Benchmark
    @OperationsPerInvocation(CELLS)
    @OutputTimeUnit(TimeUnit.MICROSECONDS)
    public void cell(Blackhole hole) {
        hole.consume(read(Column.TURN, "three eighths to the right, body turning less"));
        hole.consume(read(Column.ALIGNMENT, "backing diagonally to centre against line of dance"));
        hole.consume(read(Column.FOOT_POSITION, "R foot back and slightly rightward"));
        hole.consume(read(Column.RISE, "begin to rise at the end of one"));
        hole.consume(read(Column.FOOTWORK, "inside edge of toe, heel"));
        hole.consume(read(Column.SWAY, "to the left"));
        hole.consume(read(Column.RELATION, "promenade position"));
        hole.consume(read(Column.COUNT, "slow"));
    }

    private static CellReading read(Column column, String text) {
        return CellReader.read(column, text, () -> Situation.UNKNOWN);
    }

    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public Description telling() {
        return DescriptionReader.tell(TOLD, blank, waltz);
    }

    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public RoutineListing listing() {
        return ListingReader.read(list, waltz, book);
    }
}
