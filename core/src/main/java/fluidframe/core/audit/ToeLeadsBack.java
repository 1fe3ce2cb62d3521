package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Action;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;

/** F2. */
final class ToeLeadsBack extends CheckedRule {

    ToeLeadsBack() {
        super("F2", "a backward step starts with the toe or the ball",
                "A backward step on the heel throws the weight back and catches the partner's foot.");
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            for (int row = 0; row < subject.steps(part).size(); row++) {
                Step step = subject.steps(part).get(row);
                boolean heelFirst = step.footwork().first().filter(first -> first == Footwork.Surface.HEEL
                        || !subject.dance().style().isLatin() && (first == Footwork.Surface.FLAT || first == Footwork.Surface.WHOLE)).isPresent();
                if (step.places(Placement.BACK) && step.takesWeight() && heelFirst && !step.does(Action.HEEL_PULL) && !step.does(Action.HEEL_TURN)) {
                    found.add(warning(Place.cell(part, row, Column.FOOTWORK), step.footwork().toString(), "toe or ball first",
                            "Step " + (row + 1) + " goes back; its footwork " + step.footwork() + " starts with the "
                                    + (step.footwork().first().orElseThrow() == Footwork.Surface.HEEL ? "heel" : "whole foot") + " instead of the toe."));
                }
            }
        }
        return found;
    }
}
