package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Step;
import fluidframe.core.step.Sway;
import java.util.Optional;

/** S2. */
final class NoSwayHere extends StepRule {

    NoSwayHere() {
        super("S2", AuditSentences.noSwayInPivotsAndSpins(), AuditSentences.aTurnOnOneFootNeeds());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean upright = !subject.dance().technique().sways() || step.does(ActionTrait.UPRIGHT);
        if (!upright || step.sway().filter(sway -> sway != Sway.NONE).isEmpty()) {
            return Optional.empty();
        }
        Place place = Place.cell(part, row, Column.SWAY);
        String where = step.does(ActionTrait.UPRIGHT)
                ? AuditSentences.turnsOnOneFoot()
                : AuditSentences.isIn(subject.dance().title());
        return Optional.of(warning(
                place,
                step.sway().orElseThrow().shorthand(),
                AuditSentences.noSway(),
                AuditSentences.stepAndStaysUpright((row + 1), where),
                new Fix(AuditSentences.noSway(), place, "")));
    }
}
