package fluidframe.core.piece;

import fluidframe.core.music.TempoMap;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * The beats of a recording, found where its sound begins anew. Of all rows of beats that go on about as fast as was
 * said, each as far from the one before as can be told from the tempo, the one is taken that meets the strongest
 * beginnings (dynamic programming, as is usual for this); so it follows a tempo that changes little by little.
 *
 * @param seconds when each beat is heard, from the beginning of the recording
 * @param one the first beat that is one of its bar, from 0
 */
public record HeardBeats(List<Double> seconds, int one) {

    /** A quarter of an hour at a hundred looks a second. */
    public static final int MOST_LOOKS = 90_000;

    public static final int LOOKS_PER_SECOND = 100;
    public static final int FEWEST_BEATS = 8;
    private static final double SLOWEST_BEATS = 20;
    private static final double FASTEST_BEATS = 400;
    /**
     * How much a beat that comes at another distance than the last costs, against beginnings whose strengths are one on
     * average; lets the tempo go by some hundredths and no slip pass.
     */
    private static final double STEADINESS = 150;

    private static final double NEARBY = 1.2;
    private static final double STEP = 1.005;
    private static final int TIMES_OVER = 4;
    /**
     * A bar line off by less than this, seconds, is not heard to be; the tempo between two changes is laid through the
     * bars within it.
     */
    private static final double NOT_HEARD = 0.012;

    public HeardBeats {
        seconds = List.copyOf(seconds);
    }

    /**
     * @param strengths how strongly the sound begins anew, {@value #LOOKS_PER_SECOND} times a second, from nothing up
     * @param beatsPerMinute about how fast the beats come
     * @throws IllegalArgumentException naming what cannot be: silence, too short, too long, no tempo
     */
    public static HeardBeats of(double[] strengths, double beatsPerMinute, int beatsPerBar) {
        if (!(beatsPerMinute >= SLOWEST_BEATS && beatsPerMinute <= FASTEST_BEATS)) {
            throw new IllegalArgumentException(PieceSentences.beatsAMinuteExpected20To(beatsPerMinute));
        }
        if (strengths.length > MOST_LOOKS) {
            throw new IllegalArgumentException(PieceSentences.aRecordingOfMinutesExpectedAt(
                    strengths.length / LOOKS_PER_SECOND / 60, MOST_LOOKS / LOOKS_PER_SECOND / 60));
        }
        double mean =
                Arrays.stream(strengths).filter(each -> each > 0).average().orElse(0);
        if (mean == 0) {
            throw new IllegalArgumentException("silence");
        }
        double[] levels = Arrays.stream(strengths).map(each -> each / mean).toArray();
        List<Integer> looks = row(levels, period(levels, 60 * LOOKS_PER_SECOND / beatsPerMinute));
        if (looks.size() < FEWEST_BEATS) {
            throw new IllegalArgumentException(PieceSentences.beatsExpectedAtLeast(looks.size(), FEWEST_BEATS));
        }
        return new HeardBeats(
                looks.stream()
                        .map(look -> peak(levels, look) / LOOKS_PER_SECOND)
                        .toList(),
                strongest(levels, looks, beatsPerBar));
    }

    /**
     * An estimate may be off by a fifth: of the distances near it the one after which what begins most often begins
     * again, once, twice, three and four times over.
     */
    private static double period(double[] levels, double estimated) {
        double best = estimated;
        double most = 0;
        for (double period = estimated / NEARBY; period <= estimated * NEARBY; period *= STEP) {
            double again = 0;
            for (int times = 1; times <= TIMES_OVER; times++) {
                int distance = (int) Math.round(times * period);
                for (int at = distance; at < levels.length; at++) {
                    again += levels[at] * levels[at - distance];
                }
            }
            if (again > most) {
                most = again;
                best = period;
            }
        }
        return best;
    }

    /** On average. */
    public double beatsPerMinute() {
        return 60 * (seconds.size() - 1) / (seconds.get(seconds.size() - 1) - seconds.get(0));
    }

    private static List<Integer> row(double[] levels, double period) {
        int nearest = (int) Math.round(period / 1.5);
        int farthest = (int) Math.round(period * 1.5);
        double[] best = new double[levels.length];
        int[] before = new int[levels.length];
        double[] cost = IntStream.rangeClosed(0, farthest)
                .mapToDouble(distance -> distance == 0 ? 0 : STEADINESS * Math.pow(Math.log(distance / period), 2))
                .toArray();
        for (int at = 0; at < levels.length; at++) {
            before[at] = -1;
            double most = 0;
            for (int distance = nearest; distance <= Math.min(farthest, at); distance++) {
                double through = best[at - distance] - cost[distance];
                if (through > most) {
                    most = through;
                    before[at] = at - distance;
                }
            }
            best[at] = levels[at] + most;
        }
        int last = IntStream.range(Math.max(0, levels.length - farthest), levels.length)
                .boxed()
                .max((one, other) -> Double.compare(best[one], best[other]))
                .orElse(0);
        List<Integer> looks = new ArrayList<>();
        for (int at = last; at >= 0; at = before[at]) {
            looks.add(at);
        }
        Collections.reverse(looks);
        double usual =
                looks.stream().mapToDouble(look -> levels[look]).average().orElse(0);
        int from = 0;
        while (from < looks.size() && levels[looks.get(from)] < usual / 4) {
            from++;
        }
        int to = looks.size();
        while (to > from && levels[looks.get(to - 1)] < usual / 4) {
            to--;
        }
        return looks.subList(from, to);
    }

    /** Between two looks, where a parabola through the three strengths is highest. */
    private static double peak(double[] levels, int look) {
        if (look == 0 || look == levels.length - 1) {
            return look;
        }
        double left = levels[look - 1];
        double right = levels[look + 1];
        double bend = left - 2 * levels[look] + right;
        return bend >= 0 ? look : look + Math.max(-0.5, Math.min(0.5, (left - right) / (2 * bend)));
    }

    private static int strongest(double[] levels, List<Integer> looks, int beatsPerBar) {
        double[] sums = new double[beatsPerBar];
        for (int i = 0; i < looks.size(); i++) {
            sums[i % beatsPerBar] += levels[looks.get(i)];
        }
        return IntStream.range(0, beatsPerBar)
                .boxed()
                .max((one, other) -> Double.compare(sums[one], sums[other]))
                .orElse(0);
    }

    /**
     * When each bar line is heard, with the end of the last whole bar; single beats that are a little off are evened
     * out with their neighbours.
     */
    public List<Double> barLines(int beatsPerBar) {
        List<Double> lines = new ArrayList<>();
        for (int beat = one; beat < seconds.size(); beat += beatsPerBar) {
            lines.add(evened(beat, beatsPerBar));
        }
        return lines;
    }

    private double evened(int beat, int around) {
        int from = Math.max(0, beat - around);
        int to = Math.min(seconds.size() - 1, beat + around);
        double meanBeat = (from + to) / 2.0;
        double meanTime = IntStream.rangeClosed(from, to)
                .mapToDouble(seconds::get)
                .average()
                .orElseThrow();
        double across = IntStream.rangeClosed(from, to)
                .mapToDouble(i -> (i - meanBeat) * (seconds.get(i) - meanTime))
                .sum();
        double along = IntStream.rangeClosed(from, to)
                .mapToDouble(i -> (i - meanBeat) * (i - meanBeat))
                .sum();
        return meanTime + across / along * (beat - meanBeat);
    }

    /**
     * Its whole bars as a piece of one section, in phrases as they are usual, without a name.
     *
     * @throws IllegalArgumentException if there is no whole bar
     */
    public Piece piece(int beatsPerBar, int phraseBars) {
        List<Double> lines = barLines(beatsPerBar);
        int bars = lines.size() - 1;
        if (bars < 1) {
            throw new IllegalArgumentException(PieceSentences.noWholeBar());
        }
        List<Integer> phrases = new ArrayList<>(Collections.nCopies(bars / phraseBars, phraseBars));
        if (bars % phraseBars > 0) {
            phrases.add(bars % phraseBars);
        }
        return new Piece(
                "heard",
                "Heard",
                Set.of(),
                Beats.of(beatsPerBar),
                Beats.ZERO,
                List.of(new PieceSection(SectionKind.VERSE, "", phrases)),
                tempo(lines, beatsPerBar),
                List.of(),
                List.of(),
                0);
    }

    /** The tempo that puts every bar line where it is heard, with as few changes as do that. */
    public static TempoMap tempo(List<Double> barLines, int beatsPerBar) {
        List<TempoMap.Change> changes = new ArrayList<>();
        int from = 0;
        while (from < barLines.size() - 1) {
            int to = from + 1;
            while (to + 1 < barLines.size() && isStraight(barLines, from, to + 1)) {
                to++;
            }
            changes.add(new TempoMap.Change(
                    Beats.of(from * beatsPerBar), 60 * (to - from) / (barLines.get(to) - barLines.get(from)), false));
            from = to;
        }
        return new TempoMap(beatsPerBar, changes);
    }

    private static boolean isStraight(List<Double> lines, int from, int to) {
        double perBar = (lines.get(to) - lines.get(from)) / (to - from);
        return IntStream.range(from, to)
                .allMatch(bar -> Math.abs(lines.get(bar) - lines.get(from) - (bar - from) * perBar) <= NOT_HEARD);
    }
}
