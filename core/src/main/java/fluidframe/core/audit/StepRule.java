package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A rule that looks at one row after the other, in both parts. */
abstract class StepRule extends CheckedRule {

    StepRule(String id, String title, String reason) {
        super(id, title, reason);
    }

    @Override
    public final List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        if (concerns(subject)) {
            for (Part part : Part.values()) {
                List<Step> steps = subject.steps(part);
                for (int row = 0; row < steps.size(); row++) {
                    check(subject, part, row, steps.get(row)).ifPresent(found::add);
                }
            }
        }
        return found;
    }

    /** Whether the rule has anything to say about such a figure. */
    boolean concerns(Subject subject) {
        return true;
    }

    abstract Optional<Finding> check(Subject subject, Part part, int row, Step step);
}
