package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.WeightWalk;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import java.util.ArrayList;
import java.util.List;

/** W2. */
final class TapIsNoStep extends CheckedRule {

    TapIsNoStep() {
        super(
                "W2",
                "a row without weight is not followed as if it had taken it",
                "Counting a tap as a step is the commonest way to finish with the wrong foot free.");
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            for (WeightWalk.Slip slip : WeightWalk.slips(subject.figure().chart(part))) {
                slip.touchedRow().ifPresent(row -> found.add(finding(part, slip, row)));
            }
        }
        return found;
    }

    private Finding finding(Part part, WeightWalk.Slip slip, int touchedRow) {
        Place place = Place.cell(part, slip.step(), Column.FOOT);
        String free = slip.foot().other().shorthand();
        return new Finding(
                id(),
                Severity.ERROR,
                place,
                slip.foot().shorthand(),
                free,
                "Step " + (touchedRow + 1) + " takes no weight, so " + free + " is still free; " + place.wording()
                        + " says " + slip.foot() + ".",
                List.of(new Fix("use " + free, place, free)));
    }
}
