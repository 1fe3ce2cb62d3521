package fluidframe.core.routine;

import fluidframe.core.floor.CoupleStance;
import fluidframe.core.time.Beats;

import java.util.List;
import java.util.Optional;

/**
 * A routine unrolled: every step of both parts with its time and place. Every view reads this one score.
 *
 * @param routine    the routine
 * @param start      both dancers before the first step; empty in an empty routine
 * @param firstBeat  where in the bar the routine begins, from zero
 * @param placements where each placement lies
 * @param seams      one between each two placements
 * @param steps      by onset, the man before the lady
 * @param length     beats in all
 * @param seconds    the same at the routine's tempo
 */
public record Score(Routine routine, Optional<CoupleStance> start, Beats firstBeat, List<ScoredPlacement> placements,
                    List<Seam> seams, List<ScoreStep> steps, Beats length, double seconds) {

    public Score {
        placements = List.copyOf(placements);
        seams = List.copyOf(seams);
        steps = List.copyOf(steps);
    }

    /**
     * Unrolls a routine from a place on the floor.
     *
     * @param floor where the routine is danced
     */
    public static Score of(Routine routine, Floor floor) {
        return new ScoreWriter(routine, floor).write();
    }
}
