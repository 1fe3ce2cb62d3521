package fluidframe.core.fit;

import fluidframe.core.piece.Hit;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.time.Beats;
import java.util.List;

/**
 * What is danced when the music strikes.
 *
 * @param hit the hit, timed from the beginning of the piece
 * @param at the same in beats from the beginning of the routine
 * @param steps the steps that begin with it, the man's before the lady's; where none does, those that are under way
 * @param exact whether they begin with it
 */
public record HitFit(Hit hit, Beats at, List<ScoreStep> steps, boolean exact) {

    public HitFit {
        steps = List.copyOf(steps);
    }
}
