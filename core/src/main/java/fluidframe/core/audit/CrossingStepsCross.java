package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Action;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/** W7. A lock crosses in front or behind; a closing foot neither locks nor goes across. */
final class CrossingStepsCross extends StepRule {

    CrossingStepsCross() {
        super("W7", AuditSentences.aLockCrossesAndWhatCloses(), AuditSentences.feetThatCloseAreSideBy());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        if (step.footPosition().isEmpty()) {
            return Optional.empty();
        }
        FootPosition position = step.footPosition().get();
        boolean crosses = step.goes(StepDirection.CROSS_BEHIND) || step.goes(StepDirection.CROSS_IN_FRONT);
        if (step.does(Action.LOCK) && !crosses) {
            return Optional.of(error(
                    Place.cell(part, row, Column.FOOT_POSITION),
                    position.toString(),
                    AuditSentences.xfOrXb(),
                    AuditSentences.stepIsCalledALockBut((row + 1), position.wording())));
        }
        return step.goes(StepDirection.CLOSE) && step.has(PositionModifier.ACROSS)
                ? Optional.of(error(
                        Place.cell(part, row, Column.FOOT_POSITION),
                        position.toString(),
                        AuditSentences.xfOrXb(),
                        AuditSentences.stepClosesAndGoesAcrossAt((row + 1))))
                : Optional.empty();
    }
}
