package fluidframe.core.compose;

/**
 * How much each soft wish counts, in points.
 *
 * @param bend       taken off for a link that bends
 * @param phrase     for a figure that starts with a phrase
 * @param neighbour  for a link the syllabus recommends
 * @param favourite  for a favourite figure
 * @param repetition taken off for a figure that was already danced within the window
 * @param charted    taken off for a figure danced otherwise than charted
 */
public record Weights(int bend, int phrase, int neighbour, int favourite, int repetition, int charted) {

    public static final Weights USUAL = new Weights(6, 3, 4, 3, 5, 1);
}
