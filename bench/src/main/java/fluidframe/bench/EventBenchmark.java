package fluidframe.bench;

import fluidframe.core.day.DayAnswer;
import fluidframe.core.day.DayPlan;
import fluidframe.core.day.DayPlanner;
import fluidframe.core.day.DayWish;
import fluidframe.core.day.Round;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.piece.HeardBeats;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.rules.DanceRule;
import fluidframe.core.rules.Division;
import fluidframe.core.rules.FigureRule;
import fluidframe.core.rules.HoldRule;
import fluidframe.core.rules.LengthRule;
import fluidframe.core.rules.Limits;
import fluidframe.core.rules.PartsRule;
import fluidframe.core.standing.Standing;
import fluidframe.core.step.Action;
import fluidframe.core.time.Tempo;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
 * A routine of ninety-six bars held against every rule there is; days of forty couples and five rounds, all of them in
 * all, or most in most; three minutes of a recording listened to.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 4, time = 3)
public class EventBenchmark {

    private static final int BARS = 96;
    private static final int NINE = 9 * 60;
    private static final int MINUTES = 3;
    private static final double BEATS_PER_MINUTE = 87;

    private final List<Figure> book = SixtyFigures.of(60);
    private final Score score = Score.of(new Routine(
            "long",
            "Long",
            book.get(0).dance(),
            new Tempo(29),
            Conditions.OPEN,
            IntStream.range(0, BARS)
                    .mapToObj(bar -> Placement.of(Dancing.of(book.get(bar % book.size()), Way.AS_CHARTED)))
                    .toList()));
    private final Division division = new Division(
            "Silver",
            List.of(new DanceRule(book.get(0).dance(), Limits.of(28, 30))),
            new LengthRule(Limits.of(75, 100), Limits.of(30, 60), Optional.of(10.0), Optional.of(10.0)),
            new FigureRule(
                    Level.SILVER,
                    Set.of(),
                    Set.of(book.get(7).id()),
                    Set.of(),
                    Set.of(Action.DIP),
                    PartsRule.IN_USE,
                    true,
                    false),
            new HoldRule.Apart(Optional.of(5.0), Optional.of(20.0)),
            6,
            "",
            "");
    private final List<String> couples =
            IntStream.range(0, 40).mapToObj(couple -> "couple-" + couple).toList();
    private final DayWish everybody = day(5, (couple, round) -> true);
    private final DayWish most = day(5, (couple, round) -> (couple * 7 + round * 3) % 4 > 0);
    private final DayPlan planned =
            DayPlanner.plan(most, Map.of(), () -> false).plan().orElseThrow();
    private final double[] strengths = IntStream.range(0, MINUTES * 60 * HeardBeats.LOOKS_PER_SECOND)
            .mapToDouble(look -> {
                double beat = look / 100.0 * BEATS_PER_MINUTE / 60;
                return 0.05 + Math.exp(-Math.pow((beat - Math.round(beat)) * 40, 2));
            })
            .toArray();

    private interface Entered {

        boolean is(int couple, int round);
    }

    private DayWish day(int rounds, Entered entered) {
        List<Round> all = IntStream.range(0, rounds)
                .mapToObj(round -> new Round(
                        "round-" + round,
                        "Round " + round,
                        "hall",
                        Collections.nCopies(3 + round % 3, "dance"),
                        2,
                        6 + round,
                        IntStream.range(0, couples.size())
                                .filter(couple -> entered.is(couple, round))
                                .mapToObj(couples::get)
                                .toList(),
                        Optional.empty(),
                        Optional.empty()))
                .toList();
        return new DayWish(NINE, 22 * 60, 20, 15, 3, all, Set.copyOf(couples.subList(0, 4)));
    }

    @Benchmark
    public Standing standing() {
        return Standing.of(score, division);
    }

    @Benchmark
    public DayAnswer everybodyInEveryRound() {
        return found(DayPlanner.plan(everybody, Map.of(), () -> false));
    }

    @Benchmark
    public DayAnswer mostInMostRounds() {
        return found(DayPlanner.plan(most, Map.of(), () -> false));
    }

    /** After the first round one couple goes home. */
    @Benchmark
    public DayAnswer again() {
        List<Round> without = most.rounds().stream()
                .map(round -> new Round(
                        round.id(),
                        round.title(),
                        round.floor(),
                        round.dances(),
                        round.minutes(),
                        round.capacity(),
                        round.couples().stream()
                                .filter(couple -> !couple.equals(couples.get(9)))
                                .toList(),
                        round.after(),
                        round.at()))
                .toList();
        return found(DayPlanner.again(
                most.withRounds(without),
                Map.of(),
                planned,
                planned.rounds().get(1).start(),
                () -> false));
    }

    @Benchmark
    public HeardBeats recording() {
        return HeardBeats.of(strengths, 80, 3);
    }

    private static DayAnswer found(DayAnswer answer) {
        if (answer.plan().isEmpty()) {
            throw new IllegalStateException("no day");
        }
        return answer;
    }
}
