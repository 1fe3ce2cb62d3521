package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Step;
import java.util.Optional;

/** F7. Two parts of the foot in a row mean a foot that takes the floor; a touch has only one. */
final class TouchIsLight extends StepRule {

    TouchIsLight() {
        super("F7", AuditSentences.aBrushTapOrPointCarries(), AuditSentences.footworkAsForAStepInvites());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean touches = step.foot().isPresent() && step.footPosition().isPresent() && !step.takesWeight();
        if (!touches || step.footwork().contacts().size() < 2) {
            return Optional.empty();
        }
        return Optional.of(note(
                Place.cell(part, row, Column.FOOTWORK),
                step.footwork().toString(),
                AuditSentences.onePartOfTheFoot(),
                AuditSentences.stepTakesNoWeightFootworkReads((row + 1), step.footwork())));
    }
}
