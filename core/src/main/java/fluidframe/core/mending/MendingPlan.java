package fluidframe.core.mending;

import fluidframe.core.routine.LooseSeam;
import java.util.List;

/**
 * How all seams of a routine that break could be mended, one after another; and those for which nothing was found that
 * leaves standing what is set.
 */
public record MendingPlan(List<Step> steps, List<Left> left) {

    public MendingPlan {
        steps = List.copyOf(steps);
        left = List.copyOf(left);
    }

    /**
     * One seam, and the whole routine once it and those before it are mended; origins are counted as the routine was at
     * first.
     */
    public record Step(SeamKey seam, LooseSeam broken, MendedRoutine mended) {}

    /** A seam that stays broken. */
    public record Left(SeamKey seam, LooseSeam broken) {}
}
