package fluidframe.core.drill;

import java.util.ArrayList;
import java.util.List;

/**
 * How an exercise gets faster, in hundredths of the usual tempo.
 *
 * @param from at first
 * @param to at last; no slower
 * @param step how much is added each time; positive
 * @param every how often it is danced at each tempo; at least once
 */
public record TempoLadder(int from, int to, int step, int every) {

    public static final int SLOWEST = 40;
    public static final int FASTEST = 120;
    public static final int OFTENEST = 32;
    public static final TempoLadder USUAL = new TempoLadder(60, 100, 10, 2);

    /** @throws IllegalArgumentException if it gets slower, or is slower or faster than anything can be rehearsed */
    public TempoLadder {
        if (from < SLOWEST || to > FASTEST || to < from || step < 1 || every < 1 || every > OFTENEST) {
            throw new IllegalArgumentException(
                    DrillSentences.aTempoLadderFromToBy(from, to, step, every, SLOWEST, FASTEST, OFTENEST));
        }
    }

    /** Every tempo, the slowest first; the last is where it leads to. */
    public List<Integer> rungs() {
        List<Integer> rungs = new ArrayList<>();
        for (int percent = from; percent < to; percent += step) {
            rungs.add(percent);
        }
        rungs.add(to);
        return rungs;
    }
}
