package fluidframe.bench;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.motion.Motion;
import fluidframe.core.room.RoomReport;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.sound.Counting;
import fluidframe.core.sound.Recording;
import fluidframe.core.sound.Synthesizer;
import fluidframe.core.sound.Track;
import fluidframe.core.sound.TrackWish;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.Collections;
import java.util.List;
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

/**
 * A routine of 128 bars of foxtrot unrolled, put in motion, held against its room, and played for as long as it lasts.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 3)
public class RehearsalBenchmark {

    private static final int BARS = 128;
    /** A spoken word lasts about so many samples. */
    private static final int WORD = 12_000;

    private final Routine routine = routine();
    private final Score score = Score.of(routine);
    private final Synthesizer synthesizer = new Synthesizer(word -> new float[WORD]);

    private static Routine routine() {
        Dancing twoBars = SixtyFigures.of(60).stream()
                .map(figure -> Dancing.of(figure, Way.AS_CHARTED))
                .filter(dancing -> dancing.length().equals(Beats.of(8)))
                .findFirst()
                .orElseThrow();
        List<Placement> placements = Collections.nCopies(BARS / 2, Placement.of(twoBars));
        return new Routine("long", "Long", twoBars.figure().dance(), new Tempo(BARS / 3), Conditions.OPEN, placements);
    }

    @Benchmark
    public Score score() {
        return Score.of(routine);
    }

    @Benchmark
    public Motion scoreAndMotion() {
        return Score.of(routine).motion().orElseThrow();
    }

    @Benchmark
    public RoomReport roomReport() {
        return RoomReport.of(score);
    }

    /** Clicks, voice and band, 128 bars at 42 bars a minute: three minutes. */
    @Benchmark
    public short[] threeMinutesOfSound() {
        TrackWish wish = new TrackWish(Beats.ZERO, score.length(), 2, Part.MAN, Counting.BEATS, 1, 1, 0.7);
        return Recording.of(Track.of(score, wish), 100, synthesizer).samples();
    }
}
