package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.BodyAction;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;

/** B1. A hip or body action named at a point of the beat must fall before the next step begins. */
final class HipsStayInTheirRow extends CheckedRule {

    HipsStayInTheirRow() {
        super("B1", "hip and body actions fall inside their own row",
                "A settle counted into the next step comes too late to free the foot.");
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
            Beats length = timing.slots().get(row).length();
            for (BodyAction.Entry entry : subject.steps(part).get(row).body().entries()) {
                if (entry.at().filter(at -> at.compareTo(length) >= 0).isPresent()) {
                    found.add(error(Place.cell(part, row, Column.BODY), entry.toString(), "before " + length,
                            "\"" + entry + "\" comes " + entry.at().orElseThrow() + " beat after the step, which lasts only " + length + "."));
                }
            }
        }
    }
}
