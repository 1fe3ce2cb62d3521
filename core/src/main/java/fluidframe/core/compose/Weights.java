package fluidframe.core.compose;

import fluidframe.core.compose.Composition.Reason;
import java.util.Map;

/**
 * How much each soft wish counts, in points.
 *
 * @param bend       taken off for a link that bends
 * @param phrase     for a figure that starts with a phrase
 * @param neighbour  for a link the syllabus recommends
 * @param favourite  for a favourite figure
 * @param repetition taken off for a figure that was already danced within the window, or that follows the same figure once more
 * @param charted    taken off for a figure danced otherwise than charted, twice for a part of one
 * @param hit        for a highlight that begins on a hit of the music
 * @param difficulty for a figure as hard as it should be where it comes, see {@link Arc}
 * @param contrast   for a figure of another character than the one before: turning right after left, travelling after turning
 * @param ground     for a side of the room danced along its whole length; in proportion for less
 */
public record Weights(int bend, int phrase, int neighbour, int favourite, int repetition, int charted, int hit, int difficulty, int contrast, int ground) {

    /** More would let one wish drown all others. */
    public static final int MOST = 100;

    /** Those that are taken off are given as what is taken off. */
    public static Weights of(Map<Reason, Integer> points) {
        return new Weights(points.get(Reason.BENDS), points.get(Reason.PHRASE_STARTS), points.get(Reason.RECOMMENDED_LINKS), points.get(Reason.FAVOURITES),
                points.get(Reason.REPETITION), points.get(Reason.NOT_AS_CHARTED), points.get(Reason.HIGHLIGHTS_ON_HITS), points.get(Reason.DIFFICULTY),
                points.get(Reason.CONTRAST), points.get(Reason.GROUND_COVERED));
    }

    public Map<Reason, Integer> byReason() {
        return Map.of(Reason.BENDS, bend, Reason.PHRASE_STARTS, phrase, Reason.RECOMMENDED_LINKS, neighbour, Reason.FAVOURITES, favourite,
                Reason.REPETITION, repetition, Reason.NOT_AS_CHARTED, charted, Reason.HIGHLIGHTS_ON_HITS, hit, Reason.DIFFICULTY, difficulty,
                Reason.CONTRAST, contrast, Reason.GROUND_COVERED, ground);
    }

    public static final Weights USUAL = new Weights(6, 3, 4, 3, 5, 2, 5, 1, 2, 6);

    /**
     * @throws IllegalArgumentException if one is less than nothing or more than {@value #MOST}
     */
    public Weights {
        for (int weight : new int[] {bend, phrase, neighbour, favourite, repetition, charted, hit, difficulty, contrast, ground}) {
            if (weight < 0 || weight > MOST) {
                throw new IllegalArgumentException("a wish counts 0 to " + MOST + " points, not " + weight);
            }
        }
    }
}
