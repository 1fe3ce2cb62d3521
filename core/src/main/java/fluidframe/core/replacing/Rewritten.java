package fluidframe.core.replacing;

import fluidframe.core.routine.Routine;
import java.util.List;

/**
 * A routine with a replacement written into it.
 *
 * @param origins for each placement the index it had before, or {@link #NEW}
 */
public record Rewritten(Routine routine, List<Integer> origins) {

    /** The origin of a placement that was not there before. */
    public static final int NEW = -1;

    public Rewritten {
        origins = List.copyOf(origins);
    }
}
