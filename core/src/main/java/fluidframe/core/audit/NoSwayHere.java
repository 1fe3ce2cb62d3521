package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Action;
import fluidframe.core.step.Step;
import fluidframe.core.step.Sway;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** S2. */
final class NoSwayHere extends CheckedRule {

    private static final Set<Action> UPRIGHT = EnumSet.of(Action.PIVOT, Action.SPIN, Action.SPOT_TURN, Action.SPIRAL);

    NoSwayHere() {
        super("S2", "no sway in pivots and spins, nor in the Latin dances",
                "A turn on one foot needs an upright axis; the Latin body leans with the hips instead.");
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            for (int row = 0; row < subject.steps(part).size(); row++) {
                Step step = subject.steps(part).get(row);
                boolean upright = subject.dance().style().isLatin() || step.does(UPRIGHT);
                if (upright && step.sway().filter(sway -> sway != Sway.NONE).isPresent()) {
                    Place place = Place.cell(part, row, Column.SWAY);
                    String where = step.does(UPRIGHT) ? "turns on one foot" : "is in " + subject.dance().title();
                    found.add(warning(place, step.sway().orElseThrow().shorthand(), "no sway",
                            "Step " + (row + 1) + " " + where + " and stays upright.", new Fix("no sway", place, "")));
                }
            }
        }
        return found;
    }
}
