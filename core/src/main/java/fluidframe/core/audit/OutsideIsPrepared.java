package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.figure.MakingRoom;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import java.util.Optional;

/**
 * P2. A side lead, a side or diagonal step, a turn or another outside step before it makes room; so does a figure that
 * starts outside.
 */
final class OutsideIsPrepared extends StepRule {

    OutsideIsPrepared() {
        super("P2", AuditSentences.aStepOutsidePartnerIsPrepared(), AuditSentences.straightFromInLineToOutside());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean outside = step.has(PositionModifier.OUTSIDE_PARTNER) || step.has(PositionModifier.OUTSIDE_PARTNER_LEFT);
        boolean prepared = row == 0
                ? subject.figure().start().position() != Position.CLOSED
                : MakingRoom.by(subject.steps(part).get(row - 1)) || MakingRoom.turns(step);
        if (!outside || prepared) {
            return Optional.empty();
        }
        return Optional.of(warning(
                Place.cell(part, row, Column.FOOT_POSITION),
                step.footPosition().orElseThrow().toString(),
                AuditSentences.aSideLeadOrTurnBefore(),
                AuditSentences.stepGoesOutsidePartnerButNothing((row + 1))));
    }
}
