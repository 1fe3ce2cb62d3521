package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.WeightWalk;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import java.util.ArrayList;
import java.util.List;

/** W1. A hop or an action on the same foot is left alone. */
final class FeetAlternate extends CheckedRule {

    FeetAlternate() {
        super("W1", AuditSentences.stepsThatTakeWeightAlternate(), AuditSentences.aFootThatCarriesTheWeight());
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            for (WeightWalk.Slip slip : WeightWalk.slips(subject.figure().chart(part))) {
                if (slip.touchedRow().isEmpty()) {
                    found.add(finding(part, slip));
                }
            }
        }
        return found;
    }

    private Finding finding(Part part, WeightWalk.Slip slip) {
        Place place = Place.cell(part, slip.step(), Column.FOOT);
        String free = slip.foot().other().shorthand();
        return new Finding(
                id(),
                Severity.ERROR,
                place,
                slip.foot().shorthand(),
                free,
                AuditSentences.saysButTheWeightIsOn(place.wording(), slip.foot(), free),
                List.of(new Fix("use " + free, place, free)));
    }
}
