package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Foot;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/** C3. The side that leads is that of the moving foot; the other one leading is contrary body movement. */
final class SideLeadSuitsFoot extends StepRule {

    SideLeadSuitsFoot() {
        super("C3", AuditSentences.theSideOfTheMovingFoot(), AuditSentences.withTheOtherSideAheadOf());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean left = step.has(PositionModifier.LEFT_SIDE_LEADING);
        boolean right = step.has(PositionModifier.RIGHT_SIDE_LEADING);
        boolean walks = step.goes(StepDirection.FORWARD)
                || step.goes(StepDirection.BACK)
                || step.goes(StepDirection.DIAGONAL_FORWARD)
                || step.goes(StepDirection.DIAGONAL_BACK);
        boolean wrong = left && step.foot().equals(Optional.of(Foot.RIGHT))
                || right && step.foot().equals(Optional.of(Foot.LEFT));
        if (!walks || !wrong || left && right) {
            return Optional.empty();
        }
        String stated = left ? "LSL" : "RSL";
        String wanted = left ? "RSL" : "LSL";
        return Optional.of(warning(
                Place.cell(part, row, Column.FOOT_POSITION),
                stated,
                wanted,
                AuditSentences.stepIsTakenWithAndSays((row + 1), step.foot().get(), stated, wanted)));
    }
}
