package fluidframe.core.compose;

import java.util.Set;

/**
 * Figures the coach has a wish about, by id.
 *
 * @param required must be danced, at most {@value #MOST_REQUIRED}
 * @param forbidden must not
 * @param favourites danced gladly
 * @param highlights should fall on the hits of the music
 */
public record Choice(Set<String> required, Set<String> forbidden, Set<String> favourites, Set<String> highlights) {

    public static final int MOST_REQUIRED = 8;

    public static final Choice FREE = new Choice(Set.of(), Set.of(), Set.of(), Set.of());

    /** @throws IllegalArgumentException naming what cannot be */
    public Choice {
        required = Set.copyOf(required);
        forbidden = Set.copyOf(forbidden);
        favourites = Set.copyOf(favourites);
        highlights = Set.copyOf(highlights);
        if (required.size() > MOST_REQUIRED) {
            throw new IllegalArgumentException(
                    ComposeSentences.atMostFiguresCanBeRequired(MOST_REQUIRED, required.size()));
        }
        if (required.stream().anyMatch(forbidden::contains)) {
            throw new IllegalArgumentException(ComposeSentences.aFigureCannotBeBothRequired());
        }
    }

    Choice withRequired(Set<String> others) {
        return new Choice(others, forbidden, favourites, highlights);
    }

    Choice withForbidden(Set<String> others) {
        return new Choice(required, others, favourites, highlights);
    }
}
