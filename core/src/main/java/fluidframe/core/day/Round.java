package fluidframe.core.day;

import java.util.List;
import java.util.Optional;

/**
 * A round of a contest. Its couples are parted into heats as equal as can be; every heat dances the first dance, then
 * every heat the second, and so on.
 *
 * @param id unique in the day
 * @param floor where it is danced
 * @param dances the names of its dances
 * @param minutes what one dance of one heat takes, with coming on and going off
 * @param capacity the most couples on the floor at once
 * @param couples who dances in it
 * @param after the round that must be over before it begins
 * @param at when the organiser has it begin, minutes since midnight; empty to be planned
 */
public record Round(
        String id,
        String title,
        String floor,
        List<String> dances,
        int minutes,
        int capacity,
        List<String> couples,
        Optional<String> after,
        Optional<Integer> at) {

    /** @throws IllegalArgumentException naming what cannot be */
    public Round {
        dances = List.copyOf(dances);
        couples = List.copyOf(couples);
        if (dances.isEmpty() || couples.isEmpty() || minutes < 1 || capacity < 1) {
            throw new IllegalArgumentException(DaySentences.aRoundHasAtLeastOne(title));
        }
        if (couples.stream().distinct().count() < couples.size()) {
            throw new IllegalArgumentException(DaySentences.aCoupleDancesARoundOnce(title));
        }
    }

    public int heats() {
        return (couples.size() + capacity - 1) / capacity;
    }

    /**
     * How many couples dance in a heat, counted from 0: the earlier ones have one more where it does not come out even.
     */
    public int couplesIn(int heat) {
        return couples.size() / heats() + (heat < couples.size() % heats() ? 1 : 0);
    }

    /** Minutes from its beginning to the first dance of a heat. */
    public int untilFirst(int heat) {
        return heat * minutes;
    }

    /** Minutes from its beginning to the end of the last dance of a heat. */
    public int untilLast(int heat) {
        return untilLast(heat, heats());
    }

    /** The same danced in so many heats. */
    int untilLast(int heat, int heats) {
        return ((dances.size() - 1) * heats + heat + 1) * minutes;
    }

    /** Minutes. */
    public int length() {
        return untilLast(heats() - 1);
    }
}
