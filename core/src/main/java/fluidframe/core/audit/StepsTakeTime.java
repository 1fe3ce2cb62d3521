package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.Technique;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * T7. In the dances whose basic rhythm has quarter-beat steps only something shorter than such a step is unusual, since
 * their ordinary "a" lies below the general limit already.
 */
final class StepsTakeTime extends CheckedRule {

    StepsTakeTime() {
        super("T7", AuditSentences.noStepIsShorterThan0(), AuditSentences.aWeightChangeQuickerThanThat());
    }

    @Override
    public List<Finding> check(Subject subject) {
        double quarter = subject.dance().fastest().seconds(subject.figure().rhythm(), Beats.QUARTER);
        Technique technique = subject.dance().technique();
        double limit =
                technique.quarterBeats() ? Math.min(technique.shortestStep(), quarter) : technique.shortestStep();
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            subject.timing(part).ifPresent(timing -> shortest(subject, part, timing, limit, found));
        }
        return found;
    }

    private void shortest(Subject subject, Part part, Timing timing, double limit, List<Finding> found) {
        for (int row = 0; row < timing.slots().size(); row++) {
            Slot slot = timing.slots().get(row);
            double seconds = subject.dance().fastest().seconds(timing.rhythm(), slot.length());
            if (slot.length().isPositive()
                    && seconds < limit - 1e-9
                    && subject.steps(part).get(row).takesWeight()) {
                found.add(warning(
                        Place.cell(part, row, Column.COUNT),
                        String.format(Locale.ROOT, "%.2f s", seconds),
                        AuditSentences.atLeastS(limit),
                        AuditSentences.atBarsAMinuteThisStep(
                                subject.dance().fastest().barsPerMinute(), seconds, limit)));
                return;
            }
        }
    }
}
