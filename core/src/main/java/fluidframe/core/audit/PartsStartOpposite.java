package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.WeightWalk;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import java.util.List;
import java.util.Optional;

/**
 * W3. The one whose own next step slips as well is the likelier culprit; otherwise the lady's chart is asked to follow.
 */
final class PartsStartOpposite extends CheckedRule {

    PartsStartOpposite() {
        super("W3", AuditSentences.thePartsStartOnOppositeFeet(), AuditSentences.facingPartnersOnTheSameFoot());
    }

    @Override
    public List<Finding> check(Subject subject) {
        if (!subject.figure().start().position().isFacing() || subject.figure().sameFoot()) {
            return List.of();
        }
        Optional<Foot> his = first(subject.figure().man());
        Optional<Foot> hers = first(subject.figure().lady());
        if (his.isEmpty() || hers.isEmpty() || his.get() != hers.get()) {
            return List.of();
        }
        Part blamed = slipsAtOnce(subject, Part.MAN) ? Part.MAN : Part.LADY;
        Foot foot = his.get();
        Place place = Place.cell(blamed, row(subject.figure().chart(blamed)), Column.FOOT);
        String other = foot.other().shorthand();
        return List.of(error(
                place,
                foot.shorthand(),
                other,
                AuditSentences.facingEachOtherBothStartWith(foot, blamed.wording(), other),
                new Fix(AuditSentences.startWith(other), place, other)));
    }

    private static boolean slipsAtOnce(Subject subject, Part part) {
        return WeightWalk.slips(subject.figure().chart(part)).stream()
                .anyMatch(slip -> slip.step() == row(subject.figure().chart(part)) + 1);
    }

    private static Optional<Foot> first(Chart chart) {
        int row = row(chart);
        return row < 0 ? Optional.empty() : chart.steps().get(row).foot();
    }

    private static int row(Chart chart) {
        for (int i = 0; i < chart.steps().size(); i++) {
            Step step = chart.steps().get(i);
            if (step.foot().filter(foot -> foot != Foot.BOTH).isPresent()) {
                return i;
            }
        }
        return -1;
    }
}
