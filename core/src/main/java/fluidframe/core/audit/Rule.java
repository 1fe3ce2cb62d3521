package fluidframe.core.audit;

import java.util.List;
import java.util.Set;

/** One thing to check in a figure. */
public interface Rule {

    /** Short stable id, for example A1. */
    String id();

    /** What it checks, in a few words. */
    String title();

    /** Why a coach would want it checked. */
    String reason();

    /**
     * The ways of dancing a figure of which it says nothing, because the charts say it already or only the whole figure
     * can; none unless a rule says so.
     */
    default Set<WayKind> silentOn() {
        return Set.of();
    }

    /** @return what is wrong, nothing if all is well or the rule has nothing to go by */
    List<Finding> check(Subject subject);
}
