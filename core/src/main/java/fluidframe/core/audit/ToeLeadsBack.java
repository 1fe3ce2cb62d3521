package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/** F2. */
final class ToeLeadsBack extends StepRule {

    ToeLeadsBack() {
        super("F2", AuditSentences.aBackwardStepStartsWithThe(), AuditSentences.aBackwardStepOnTheHeel());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        Optional<Footwork.Surface> first = step.footwork().first();
        boolean whole = !subject.dance().technique().hipAction()
                && first.filter(surface -> surface == Footwork.Surface.FLAT || surface == Footwork.Surface.WHOLE)
                        .isPresent();
        boolean heel = first.filter(surface -> surface == Footwork.Surface.HEEL).isPresent();
        boolean stepsBack = step.goes(StepDirection.BACK) && step.takesWeight() && !step.does(ActionTrait.ON_THE_HEEL);
        if (!stepsBack || !heel && !whole) {
            return Optional.empty();
        }
        return Optional.of(warning(
                Place.cell(part, row, Column.FOOTWORK),
                step.footwork().toString(),
                AuditSentences.toeOrBallFirst(),
                AuditSentences.stepGoesBackItsFootworkStarts((row + 1), step.footwork(), heel)));
    }
}
