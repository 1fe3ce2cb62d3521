package fluidframe.core.day;

import java.util.List;

/**
 * A round with its time and its heats.
 *
 * @param start minutes since midnight
 * @param heats the couples of each heat
 */
public record PlannedRound(Round round, int start, List<List<String>> heats) {

    public PlannedRound {
        heats = heats.stream().map(List::copyOf).toList();
    }

    /** Minutes since midnight. */
    public int end() {
        return start + round.length();
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
        return start + round.untilLast(heatOf(couple));
    }
}
