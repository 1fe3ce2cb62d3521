package fluidframe.core.replacing;

import fluidframe.core.link.Item;
import java.util.List;

/**
 * Some passages of a routine, next to each other, exchanged for others.
 *
 * @param from the first passage that goes
 * @param to the passage after the last of them; the same as {@code from} where something is only put in
 * @param danced what is danced instead; nothing where they are left out
 * @param corners of those, which turn a corner after them
 * @param points what the composer gives it; the more the better
 */
public record Replacement(int from, int to, List<Item> danced, List<Integer> corners, int points) {

    public Replacement {
        danced = List.copyOf(danced);
        corners = List.copyOf(corners);
    }

    /** Something put in before a passage. */
    public static Replacement inserting(int before, Item item) {
        return new Replacement(before, before, List.of(item), List.of(), 0);
    }

    /** How many passages go. */
    public int replaced() {
        return to - from;
    }
}
