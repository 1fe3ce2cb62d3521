package fluidframe.core.standing;

import fluidframe.core.couple.Part;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.routine.ScoredPlacement;
import java.util.Optional;

/**
 * Where in the routine a rule is met with.
 *
 * @param passage every repeat counted, from 0
 * @param bar from 1
 * @param beat from 1
 * @param part whose step it is; empty where it concerns the whole figure
 * @param row the row of the part's chart, from 0; empty where it concerns the whole figure
 * @param what the figure or element
 */
public record Place(int passage, int bar, int beat, Optional<Part> part, Optional<Integer> row, String what) {

    static Place of(int passage, ScoredPlacement placed) {
        return new Place(
                passage,
                placed.bar(),
                placed.beat(),
                Optional.empty(),
                Optional.empty(),
                placed.dancing().wording());
    }

    static Place of(ScoreStep step, ScoredPlacement placed) {
        return new Place(
                step.placement(),
                step.bar(),
                step.beat(),
                Optional.of(step.part()),
                Optional.of(step.row()),
                placed.dancing().wording());
    }
}
