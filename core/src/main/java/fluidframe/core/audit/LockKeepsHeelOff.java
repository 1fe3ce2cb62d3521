package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Action;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/**
 * F5. The crossing foot of a lock stays on ball or toe. In Latin, where the foot that crosses in front may come down
 * flat after the ball, only the heel itself counts as lowered there.
 */
final class LockKeepsHeelOff extends StepRule {

    LockKeepsHeelOff() {
        super("F5", AuditSentences.theCrossingFootOfALock(), AuditSentences.aHeelLoweredInTheLock());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean crosses = step.goes(StepDirection.CROSS_BEHIND) || step.goes(StepDirection.CROSS_IN_FRONT);
        if (!crosses || !step.does(Action.LOCK) || !isLowered(subject, step)) {
            return Optional.empty();
        }
        Place place = Place.cell(part, row, Column.FOOTWORK);
        return Optional.of(error(
                place,
                step.footwork().toString(),
                "T or B",
                AuditSentences.stepCrossesInALockIts((row + 1), step.footwork()),
                new Fix(
                        AuditSentences.stayOnTheToe(),
                        place,
                        subject.dance().technique().hipAction() ? "B" : "T")));
    }

    private static boolean isLowered(Subject subject, Step step) {
        boolean flatInFront = subject.dance().technique().hipAction() && step.goes(StepDirection.CROSS_IN_FRONT);
        return step.footwork().uses(Footwork.Surface.HEEL)
                || step.footwork().uses(Footwork.Surface.WHOLE)
                || step.footwork().uses(Footwork.Surface.FLAT) && !flatInFront;
    }
}
