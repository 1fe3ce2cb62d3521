package fluidframe.core.day;

import java.util.List;

/**
 * Something in a plan that cannot be.
 *
 * @param rounds ids of the rounds it concerns
 * @param sentence what it is, with its numbers
 */
public record Conflict(List<String> rounds, String sentence) {

    public Conflict {
        rounds = List.copyOf(rounds);
    }
}
