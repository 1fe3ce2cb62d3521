package fluidframe.core.phrase;

import java.util.List;
import java.util.Optional;

/**
 * What was made of a text.
 *
 * @param shorthands what it may mean, in the shorthand of its column, the likeliest first
 * @param sure whether the first is what was meant; otherwise somebody has to choose, even where there is only one
 * @param leftovers what was not understood; the shorthands say the rest
 */
public record Reading(List<String> shorthands, boolean sure, List<Leftover> leftovers) {

    public Reading {
        shorthands = List.copyOf(shorthands);
        leftovers = List.copyOf(leftovers);
    }

    static Reading sure(String shorthand, List<Leftover> leftovers) {
        return new Reading(List.of(shorthand), true, leftovers);
    }

    static Reading either(List<String> shorthands, List<Leftover> leftovers) {
        return new Reading(
                shorthands.stream().distinct().toList(),
                shorthands.stream().distinct().count() == 1,
                leftovers);
    }

    /** What it means, if that is beyond doubt. */
    public Optional<String> shorthand() {
        return sure && leftovers.isEmpty() ? shorthands.stream().findFirst() : Optional.empty();
    }
}
