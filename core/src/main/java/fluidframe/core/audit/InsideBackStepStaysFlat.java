package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Placement;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;

/** R3. Backward on the inside of a turn the heel stays down until the other foot has passed. */
final class InsideBackStepStaysFlat extends CheckedRule {

    private static final int NOTABLE_TURN = 4;

    InsideBackStepStaysFlat() {
        super("R3", "no foot rise on a backward step on the inside of a turn",
                "A foot that rises on the inside lets the partner run past; the rise there is in the body.");
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            List<Step> steps = subject.steps(part);
            for (int row = 0; row + 1 < steps.size(); row++) {
                Step step = steps.get(row);
                if (step.places(Placement.BACK) && steps.get(row + 1).turn().between().size() >= NOTABLE_TURN
                        && step.rise().has(RiseFall.Kind.COMMENCE) && !step.rise().has(RiseFall.Kind.NO_FOOT_RISE)) {
                    Place place = Place.cell(part, row, Column.RISE);
                    found.add(note(place, step.rise().toString(), "NFR", "Step " + (row + 1)
                            + " goes back on the inside of the turn; the rise is in the body and the foot stays down (NFR)."));
                }
            }
        }
        return found;
    }
}
