package fluidframe.core.mending;

import fluidframe.core.link.Repair;
import fluidframe.core.routine.Routine;
import java.util.List;

/**
 * A routine with a repair written into it.
 *
 * @param effect what it does to what comes after
 * @param origins for each placement the index it had before, or {@link #NEW}
 */
public record MendedRoutine(Repair repair, RepairEffect effect, Routine routine, List<Integer> origins) {

    /** The origin of a placement that was not there before. */
    public static final int NEW = -1;

    public MendedRoutine {
        origins = List.copyOf(origins);
    }

    /** The same, told from a routine that was mended before. */
    MendedRoutine after(List<Integer> earlier) {
        return new MendedRoutine(
                repair,
                effect,
                routine,
                origins.stream()
                        .map(origin -> origin == NEW ? origin : earlier.get(origin))
                        .toList());
    }
}
