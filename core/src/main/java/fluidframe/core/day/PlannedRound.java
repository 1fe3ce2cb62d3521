package fluidframe.core.day;

import java.util.List;

/**
 * A round with its time and its heats.
 *
 * @param start minutes since midnight
 * @param heats the couples of each heat, at least one heat; it may be empty once its couples have gone
 */
public record PlannedRound(Round round, int start, List<List<String>> heats) {

    public PlannedRound {
        heats = heats.stream().map(List::copyOf).toList();
        if (heats.isEmpty()) {
            throw new IllegalArgumentException(DaySentences.inNoHeatsExpectedAtLeast(round.title()));
        }
    }

    /** Minutes since midnight. */
    public int end() {
        return start + untilLast(heats.size() - 1);
    }

    /** The heat of a couple, counted from 0; -1 if it is in none. */
    public int heatOf(String couple) {
        for (int heat = 0; heat < heats.size(); heat++) {
            if (heats.get(heat).contains(couple)) {
                return heat;
            }
        }
        return -1;
    }

    /** Its couples that are in a heat. */
    List<String> placed() {
        return round.couples().stream().filter(couple -> heatOf(couple) >= 0).toList();
    }

    /** When a couple first dances. */
    public int firstOf(String couple) {
        return start + round.untilFirst(heatOf(couple));
    }

    /** When a couple has danced its last. */
    public int lastOf(String couple) {
        return start + untilLast(heatOf(couple));
    }

    /**
     * Minutes from its beginning to the end of the last dance of a heat, in the heats it has; they may be more than its
     * couples still fill.
     */
    int untilLast(int heat) {
        return round.untilLast(heat, heats.size());
    }
}
