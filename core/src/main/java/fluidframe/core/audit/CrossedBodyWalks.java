package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/** C2. CBMP places the foot on or across the line of the other; a plain side step leaves that line. */
final class CrossedBodyWalks extends StepRule {

    CrossedBodyWalks() {
        super("C2", AuditSentences.aStepInCbmpWalksOr(), AuditSentences.toTheSideThereIsNo());
    }

    @Override
    boolean concerns(Subject subject) {
        return subject.dance().technique().contraryMovement();
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean beside = step.goes(StepDirection.SIDE) || step.goes(StepDirection.CLOSE);
        boolean crosses = step.has(PositionModifier.ACROSS)
                || step.has(PositionModifier.IN_PROMENADE)
                || step.has(PositionModifier.IN_COUNTER_PROMENADE);
        return step.has(PositionModifier.CBMP) && beside && !crosses
                ? Optional.of(warning(
                        Place.cell(part, row, Column.FOOT_POSITION),
                        step.footPosition().orElseThrow().toString(),
                        AuditSentences.noCbmp(),
                        AuditSentences.stepGoesAndDoesNotCross(
                                (row + 1),
                                step.footPosition().orElseThrow().direction().wording())))
                : Optional.empty();
    }
}
