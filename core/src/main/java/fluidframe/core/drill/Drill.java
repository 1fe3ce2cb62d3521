package fluidframe.core.drill;

import fluidframe.core.couple.Part;
import fluidframe.core.link.Dancing;
import java.util.List;
import java.util.Optional;

/**
 * An exercise.
 *
 * @param chain what is danced: one figure, some of its steps, its unit several times, or two figures for the seam
 *     between them
 * @param alone who dances it alone; empty where the couple do
 * @param prop what is held or used, in the coach's words: a scarf, a chair, a wall; empty for nothing
 * @param flatShoes whether it is first danced in flat shoes
 * @param degrees how much of each turn and hip movement, in hundredths, the least first; empty for all of it at once
 * @param ladder how it gets faster
 */
public record Drill(
        List<Dancing> chain,
        Optional<Part> alone,
        String prop,
        boolean flatShoes,
        List<Integer> degrees,
        TempoLadder ladder) {

    private static final int MOST_DEGREES = 6;

    /** @throws IllegalArgumentException if nothing is danced, or the degrees do not rise from 1 to 100 */
    public Drill {
        chain = List.copyOf(chain);
        degrees = List.copyOf(degrees);
        if (chain.isEmpty() || chain.size() > 2) {
            throw new IllegalArgumentException(DrillSentences.anExerciseOnFiguresExpectedOne(chain.size()));
        }
        boolean rise = degrees.size() <= MOST_DEGREES;
        for (int i = 0; i < degrees.size(); i++) {
            rise &= degrees.get(i) > (i == 0 ? 0 : degrees.get(i - 1)) && degrees.get(i) <= 100;
        }
        if (!rise) {
            throw new IllegalArgumentException(DrillSentences.degreesExpectedUpToHundredthsThat(degrees, MOST_DEGREES));
        }
    }
}
