package fluidframe.core.audit;

import java.util.List;

/** One thing to check in a figure. */
public interface Rule {

    /** Short stable id, for example A1. */
    String id();

    /** What it checks, in a few words. */
    String title();

    /** Why a coach would want it checked. */
    String reason();

    /** @return what is wrong, nothing if all is well or the rule has nothing to go by */
    List<Finding> check(Subject subject);
}
