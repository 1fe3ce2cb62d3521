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
        super("W2", AuditSentences.aRowWithoutWeightIsNot(), AuditSentences.countingATapAsAStep());
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
                AuditSentences.stepTakesNoWeightSoIs((touchedRow + 1), free, place.wording(), slip.foot()),
                List.of(new Fix("use " + free, place, free)));
    }
}
