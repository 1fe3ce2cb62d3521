package fluidframe.bench;

import fluidframe.core.classes.ClassPlan;
import fluidframe.core.classes.ClassPlanner;
import fluidframe.core.classes.ClassWish;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Repertoire;
import fluidframe.core.memory.Grade;
import fluidframe.core.practice.Commitment;
import fluidframe.core.practice.Curriculum;
import fluidframe.core.practice.Due;
import fluidframe.core.practice.Ledger;
import fluidframe.core.practice.Noted;
import fluidframe.core.practice.Subject;
import fluidframe.core.practice.WhatToday;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
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
 * What is due for forty couples with three hundred things each, reckoned anew from five notes of each and ranked from
 * what is known; a class planned from a figure.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 4, time = 2)
public class LogbookBenchmark {

    private static final int COUPLES = 40;
    private static final int THINGS = 300;
    private static final int TIMES = 5;
    private static final Instant NOW = Instant.parse("2026-11-26T18:00:00Z");

    private final List<List<Noted>> notes =
            IntStream.range(0, COUPLES).mapToObj(LogbookBenchmark::notes).toList();
    private final List<Ledger> ledgers = notes.stream().map(Ledger::of).toList();
    private final List<Commitment> commitments = List.of(new Commitment(
            "Long",
            IntStream.range(0, 60).mapToObj(figure -> "figure-" + figure).toList(),
            Optional.of(new Commitment.Occasion("Lamplight Open", LocalDate.of(2026, 12, 20)))));
    private final List<Figure> book = SixtyFigures.of(60);
    private final Repertoire repertoire = Repertoire.of(book, Conditions.OPEN);
    private final ClassWish wish = new ClassWish(book.subList(0, 1), Level.GOLD, 60, 8, 9);

    private static List<Noted> notes(int couple) {
        return IntStream.range(0, THINGS * TIMES)
                .mapToObj(i -> new Noted(
                        NOW.minus(Duration.ofHours(24L * (i % 90) + couple)),
                        new Subject.Whole("figure-" + i % THINGS),
                        Optional.of(Grade.values()[(i + couple) % Grade.values().length]),
                        List.of()))
                .toList();
    }

    @Benchmark
    public List<List<Due>> whatToday() {
        return ledgers.stream()
                .map(ledger -> WhatToday.rank(ledger, commitments, Curriculum.ANYTHING, NOW, ZoneOffset.UTC))
                .toList();
    }

    @Benchmark
    public List<Ledger> reckonedAnew() {
        return notes.stream().map(Ledger::of).toList();
    }

    @Benchmark
    public ClassPlan classPlan() {
        return ClassPlanner.plan(wish, repertoire);
    }
}
