package fluidframe.core.piece;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The beat that somebody taps. Each tap is given the number of its beat by the gaps before it, a straight line is laid
 * through the times by least squares, and taps that lie far from it are dropped and the line laid again, so that one
 * slip does not move the estimate and a beat that was left out does not either.
 *
 * @param secondsPerTap from one tap to the next
 * @param error how far off that may be, seconds: twice its standard error
 * @param first when the first tap should have come, seconds
 * @param dropped taps that were left out, from 0
 * @param ones how many taps, counted round from the first, come before a tap on one; empty if nobody said which those
 *     are
 */
public record Taps(double secondsPerTap, double error, double first, List<Integer> dropped, List<Integer> ones) {

    public static final int FEWEST = 4;
    public static final int MOST = 2_000;
    private static final double SHORTEST_GAP = 0.1;
    private static final double LONGEST_GAP = 6;
    /** Of a gap; what is farther from its beat is a slip. */
    private static final double SLIP = 0.22;

    private static final int ROUNDS = 4;

    /**
     * A tempo that may be meant.
     *
     * @param barsPerMinute how fast that makes the piece
     * @param beatsPerTap how many beats go by from one tap to the next
     */
    public record Meant(double barsPerMinute, double beatsPerTap) {}

    public Taps {
        dropped = List.copyOf(dropped);
        ones = List.copyOf(ones);
    }

    /**
     * @param seconds when each tap came, in order
     * @param onOne which taps, from 0, were marked as falling on one
     * @param beatsPerBar beats in a bar
     * @throws IllegalArgumentException if there are too few or too many, or they are no beat
     */
    public static Taps of(List<Double> seconds, List<Integer> onOne, int beatsPerBar) {
        if (seconds.size() < FEWEST || seconds.size() > MOST) {
            throw new IllegalArgumentException(PieceSentences.tapsExpectedTo(seconds.size(), FEWEST, MOST));
        }
        double gap = usualGap(seconds);
        if (!(gap >= SHORTEST_GAP && gap <= LONGEST_GAP)) {
            throw new IllegalArgumentException(
                    PieceSentences.tapsSecondsApartExpectedTo(gap, SHORTEST_GAP, LONGEST_GAP));
        }
        Line line = new Line(gap, seconds.get(0), 0);
        List<Integer> kept = IntStream.range(0, seconds.size()).boxed().toList();
        int[] beats = numbered(seconds, gap);
        for (int round = 0; round < ROUNDS; round++) {
            line = Line.through(seconds, beats, kept);
            for (int i = 0; i < beats.length; i++) {
                beats[i] = line.nearest(seconds.get(i));
            }
            Line now = line;
            kept = IntStream.range(0, seconds.size())
                    .filter(i -> now.distance(seconds.get(i), beats[i]) <= SLIP * now.slope())
                    .boxed()
                    .toList();
            if (kept.size() < FEWEST) {
                throw new IllegalArgumentException(PieceSentences.noSteadyBeatInTaps(seconds.size()));
            }
        }
        line = Line.through(seconds, beats, kept);
        List<Integer> all = kept;
        List<Integer> dropped = IntStream.range(0, seconds.size())
                .filter(i -> !all.contains(i))
                .boxed()
                .toList();
        List<Integer> ones = onOne.stream()
                .filter(i -> i >= 0 && i < beats.length)
                .map(i -> Math.floorMod(beats[i], beatsPerBar))
                .toList();
        return new Taps(
                line.slope(),
                2 * line.error(),
                line.start(),
                dropped,
                ones.isEmpty() ? List.of() : List.of(mostOften(ones)));
    }

    /** The number of each tap's beat by the gaps alone. */
    private static int[] numbered(List<Double> seconds, double gap) {
        int[] beats = new int[seconds.size()];
        for (int i = 1; i < beats.length; i++) {
            beats[i] = beats[i - 1] + (int) Math.max(0, Math.round((seconds.get(i) - seconds.get(i - 1)) / gap));
        }
        return beats;
    }

    private static double usualGap(List<Double> seconds) {
        double[] gaps = IntStream.range(1, seconds.size())
                .mapToDouble(i -> seconds.get(i) - seconds.get(i - 1))
                .sorted()
                .toArray();
        return gaps[gaps.length / 2];
    }

    private static int mostOften(List<Integer> numbers) {
        int[] times = new int[numbers.stream().mapToInt(Integer::intValue).max().orElse(0) + 1];
        numbers.forEach(number -> times[number]++);
        int most = Arrays.stream(times).max().orElse(0);
        return IntStream.range(0, times.length)
                .filter(number -> times[number] == most)
                .findFirst()
                .orElse(0);
    }

    /**
     * What tempo this may be: a tap for each beat, for every second one, twice as often, or one for each bar; what a
     * dance is usually danced to comes first.
     *
     * @param slowest bars a minute of the dance, or of any music
     * @param fastest bars a minute
     */
    public List<Meant> meant(int beatsPerBar, double slowest, double fastest) {
        double middle = Math.sqrt(slowest * fastest);
        List<Meant> meant = new ArrayList<>();
        for (double beats : new double[] {1, 2, 0.5, beatsPerBar, 2.0 * beatsPerBar}) {
            double barsPerMinute = 60 * beats / (secondsPerTap * beatsPerBar);
            if (meant.stream().noneMatch(each -> each.beatsPerTap() == beats)
                    && barsPerMinute >= 1
                    && barsPerMinute <= 400) {
                meant.add(new Meant(barsPerMinute, beats));
            }
        }
        meant.sort((one, other) ->
                Double.compare(away(one, slowest, fastest, middle), away(other, slowest, fastest, middle)));
        return meant;
    }

    private static double away(Meant meant, double slowest, double fastest, double middle) {
        boolean usual = meant.barsPerMinute() >= 0.95 * slowest && meant.barsPerMinute() <= 1.05 * fastest;
        return (usual ? 0 : 10) + Math.abs(Math.log(meant.barsPerMinute() / middle));
    }

    /**
     * A straight line through times.
     *
     * @param slope seconds from beat to beat
     * @param start seconds of beat 0
     * @param error standard error of the slope
     */
    private record Line(double slope, double start, double error) {

        static Line through(List<Double> seconds, int[] beats, List<Integer> kept) {
            double meanBeat = kept.stream().mapToDouble(i -> beats[i]).average().orElse(0);
            double meanTime = kept.stream().mapToDouble(seconds::get).average().orElse(0);
            double across = kept.stream()
                    .mapToDouble(i -> (beats[i] - meanBeat) * (seconds.get(i) - meanTime))
                    .sum();
            double along = kept.stream()
                    .mapToDouble(i -> (beats[i] - meanBeat) * (beats[i] - meanBeat))
                    .sum();
            if (along == 0) {
                throw new IllegalArgumentException(PieceSentences.allTapsFallOnOneBeat());
            }
            double slope = across / along;
            double start = meanTime - slope * meanBeat;
            double left = kept.stream()
                    .mapToDouble(i -> Math.pow(seconds.get(i) - start - slope * beats[i], 2))
                    .sum();
            return new Line(slope, start, kept.size() > 2 ? Math.sqrt(left / (kept.size() - 2) / along) : slope);
        }

        int nearest(double seconds) {
            return (int) Math.round((seconds - start) / slope);
        }

        double distance(double seconds, int beat) {
            return Math.abs(seconds - start - slope * beat);
        }
    }
}
