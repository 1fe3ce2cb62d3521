package fluidframe.core.compose;

import fluidframe.core.compose.Composition.Reason;
import java.util.Map;

/**
 * How much each soft wish counts, in points.
 *
 * @param bend taken off for a link that bends
 * @param phrase for a figure that starts with a phrase
 * @param neighbour for a link the syllabus recommends
 * @param favourite for a favourite figure
 * @param repetition taken off for a figure that was already danced within the window, or that follows the same figure
 *     once more
 * @param charted taken off for a figure danced otherwise than charted, twice for a part of one
 * @param hit for a highlight that begins on a hit of the music
 * @param difficulty for a figure as hard as it should be where it comes, see {@link Arc}
 * @param contrast for a figure of another character than the one before: turning right after left, travelling after
 *     turning
 * @param ground for a side of the room danced along its whole length; in proportion for less
 * @param fullness for each bar of a figure that is as sparse or as full as was asked; taken off for the contrary
 */
public record Weights(
        int bend,
        int phrase,
        int neighbour,
        int favourite,
        int repetition,
        int charted,
        int hit,
        int difficulty,
        int contrast,
        int ground,
        int fullness) {

    /** More would let one wish drown all others. */
    public static final int MOST = 100;

    /** Those that are taken off are given as what is taken off. */
    public static Weights of(Map<Reason, Integer> points) {
        return new Weights(
                points.get(Reason.BENDS),
                points.get(Reason.PHRASE_STARTS),
                points.get(Reason.RECOMMENDED_LINKS),
                points.get(Reason.FAVOURITES),
                points.get(Reason.REPETITION),
                points.get(Reason.NOT_AS_CHARTED),
                points.get(Reason.HIGHLIGHTS_ON_HITS),
                points.get(Reason.DIFFICULTY),
                points.get(Reason.CONTRAST),
                points.get(Reason.GROUND_COVERED),
                points.get(Reason.SPARSE_AND_FULL));
    }

    public Map<Reason, Integer> byReason() {
        return Map.ofEntries(
                Map.entry(Reason.BENDS, bend),
                Map.entry(Reason.PHRASE_STARTS, phrase),
                Map.entry(Reason.RECOMMENDED_LINKS, neighbour),
                Map.entry(Reason.FAVOURITES, favourite),
                Map.entry(Reason.REPETITION, repetition),
                Map.entry(Reason.NOT_AS_CHARTED, charted),
                Map.entry(Reason.HIGHLIGHTS_ON_HITS, hit),
                Map.entry(Reason.DIFFICULTY, difficulty),
                Map.entry(Reason.CONTRAST, contrast),
                Map.entry(Reason.GROUND_COVERED, ground),
                Map.entry(Reason.SPARSE_AND_FULL, fullness));
    }

    public static final Weights USUAL = new Weights(6, 3, 4, 3, 5, 2, 10, 1, 2, 6, 3);

    /** @throws IllegalArgumentException if one is less than nothing or more than {@value #MOST} */
    public Weights {
        for (int weight : new int[] {
            bend, phrase, neighbour, favourite, repetition, charted, hit, difficulty, contrast, ground, fullness
        }) {
            if (weight < 0 || weight > MOST) {
                throw new IllegalArgumentException(ComposeSentences.aWishCounts0ToPoints(MOST, weight));
            }
        }
    }
}
