package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Side;
import fluidframe.core.space.Turn;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Foot;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/** W5. Across with the left foot the body is already wound to the right, and the other way round. */
final class SpinGoesTheOpenWay extends StepRule {

    SpinGoesTheOpenWay() {
        super("W5", AuditSentences.aSpinFromACrossingStep(), AuditSentences.acrossWithTheLeftFootOnly());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        Optional<Side> open = open(step);
        Turn turn =
                step.turn().on().isNone() ? step.turn().between() : step.turn().on();
        if (open.isEmpty() || turn.side().isEmpty() || turn.side().get() == open.get()) {
            return Optional.empty();
        }
        return Optional.of(warning(
                Place.cell(part, row, Column.TURN),
                turn.toString(),
                turn.mirrored().toString(),
                AuditSentences.acrossWithTheSpinIsOpen(
                        step.foot().orElseThrow(),
                        open.get().wording(),
                        turn.side().get().wording())));
    }

    private static Optional<Side> open(Step step) {
        boolean crosses = step.has(PositionModifier.ACROSS) || step.goes(StepDirection.CROSS_IN_FRONT);
        if (!crosses
                || !step.does(ActionTrait.LETS_GO)
                || step.foot().isEmpty()
                || step.foot().get() == Foot.BOTH) {
            return Optional.empty();
        }
        return Optional.of(step.foot().get() == Foot.LEFT ? Side.RIGHT : Side.LEFT);
    }
}
