package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;

/** F6. Half a beat of tango is nearly half a second and leaves time; what counts is half a beat or less in under 0.3 s. */
final class ShortStepKeepsHeelOff extends CheckedRule {

    private static final double TIME_TO_LOWER_SECONDS = 0.3;

    ShortStepKeepsHeelOff() {
        super("F6", "a step of half a beat or less does not lower its heel at top tempo",
                "There is no time to lower and rise again; who tries comes late to the next step.");
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            subject.timing(part).ifPresent(timing -> check(subject, part, timing, found));
        }
        return found;
    }

    private void check(Subject subject, Part part, Timing timing, List<Finding> found) {
        for (int row = 0; row < timing.slots().size(); row++) {
            Step step = subject.steps(part).get(row);
            Beats length = timing.slots().get(row).length();
            boolean quick = length.compareTo(Beats.HALF) <= 0
                    && subject.dance().fastest().seconds(timing.rhythm(), length) < TIME_TO_LOWER_SECONDS;
            if (quick && step.takesWeight() && step.footwork().contacts().size() > 1
                    && step.footwork().last().orElseThrow() == Footwork.Surface.HEEL) {
                found.add(warning(Place.cell(part, row, Column.FOOTWORK), step.footwork().toString(), "heel off the floor",
                        "Step " + (row + 1) + " lasts " + length + " of a beat; its footwork " + step.footwork() + " lowers the heel in that time."));
            }
        }
    }
}
