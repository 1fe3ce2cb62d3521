package fluidframe.bench;

import fluidframe.core.compose.Answer;
import fluidframe.core.compose.Choice;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Wish;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.fit.Fit;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Repertoire;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.PieceLine;
import fluidframe.core.piece.PieceReader;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.Set;
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

/**
 * A piece written as a line, a routine of ninety-six bars laid on it, and ninety-six bars composed to it: odd phrases,
 * five hits.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 4, time = 3)
public class MusicBenchmark {

    private static final int BARS = 96;
    private static final String LINE =
            "intro 4, verse 8+7, chorus 8+8, break 2, verse 8+7, chorus 8+8+4, bridge 6, chorus 8+6, end 4; 29 bars a minute; slowing to 20 over the last 4 bars; "
                    + "hits on bars 20, 36, 52, 75 and 93";
    private static final Beats BAR = Beats.of(4);

    private final List<Figure> book = SixtyFigures.of(60);
    private final Repertoire repertoire = Repertoire.of(book, Conditions.OPEN);
    private final Piece piece = PieceReader.read(LINE, 4, 8).piece().orElseThrow();
    private final Score score = score();

    private Score score() {
        List<Placement> placements = IntStream.range(0, BARS)
                .mapToObj(bar -> Placement.of(Dancing.of(book.get(bar % book.size()), Way.AS_CHARTED)))
                .toList();
        return Score.of(new Routine("long", "Long", book.get(0).dance(), new Tempo(29), Conditions.OPEN, placements)
                .to(new Laying(piece, 1)));
    }

    @Benchmark
    public PieceLine line() {
        return PieceReader.read(LINE, 4, 8);
    }

    @Benchmark
    public Fit fit() {
        return Fit.of(score);
    }

    @Benchmark
    public Answer compose() {
        Wish wish = Wish.of(BAR.times(BARS), BAR.times(BARS), piece.map())
                .withMostTimes(2)
                .withAnswers(1)
                .withTaste(Taste.FREE)
                .withChoice(new Choice(
                        Set.of(),
                        Set.of(),
                        Set.of(),
                        Set.of(book.get(3).id(), book.get(9).id())));
        Answer answer = Composer.search(repertoire, wish, () -> false);
        if (answer.compositions().isEmpty()) {
            throw new IllegalStateException("nothing fits the piece");
        }
        return answer;
    }
}
