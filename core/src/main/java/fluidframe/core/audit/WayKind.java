package fluidframe.core.audit;

import java.util.EnumSet;
import java.util.Set;

/** How a figure may be danced other than its charts say. */
public enum WayKind {
    ENTRY,
    FINISH,
    ENTRY_AND_FINISH,
    SCHOOL,
    REPEATS,
    PART;

    /** For rules that look at the ways themselves, or at what belongs to the figure as a whole. */
    static final Set<WayKind> ALL = Set.copyOf(EnumSet.allOf(WayKind.class));

    /** For rules that add up from the start to the stated end: a finish states another end of its own. */
    static final Set<WayKind> WITH_FINISH = Set.of(FINISH, ENTRY_AND_FINISH);

    /**
     * For rules on where the bodies are: worked out once for each entry and each finish; a part is measured with the
     * whole.
     */
    static final Set<WayKind> MEASURED_ELSEWHERE = Set.of(ENTRY_AND_FINISH, PART);

    /** For rules on what a whole figure has and a part of it need not. */
    static final Set<WayKind> PARTS = Set.of(PART);
}
