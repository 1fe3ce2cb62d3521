package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.BodyTurn;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;
import java.util.Set;

/** P2. A side lead, a side or diagonal step, a turn or another outside step before it makes room; so does a figure that starts outside. */
final class OutsideIsPrepared extends StepRule {

    private static final Set<StepDirection> MAKE_ROOM = Set.of(StepDirection.SIDE, StepDirection.DIAGONAL_FORWARD, StepDirection.DIAGONAL_BACK);
    private static final Set<PositionModifier> SIDE_LEADS = Set.of(PositionModifier.LEFT_SIDE_LEADING, PositionModifier.RIGHT_SIDE_LEADING,
            PositionModifier.SLIGHTLY_LEFT, PositionModifier.SLIGHTLY_RIGHT, PositionModifier.OUTSIDE_PARTNER, PositionModifier.OUTSIDE_PARTNER_LEFT,
            PositionModifier.PARTNER_OUTSIDE, PositionModifier.IN_PROMENADE, PositionModifier.CBMP);

    OutsideIsPrepared() {
        super("P2", "a step outside partner is prepared by a side lead or a turn",
                "Straight from in line to outside there is no room: the knees collide.");
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean outside = step.has(PositionModifier.OUTSIDE_PARTNER) || step.has(PositionModifier.OUTSIDE_PARTNER_LEFT);
        boolean prepared = row == 0 ? subject.figure().start().position() != Position.CLOSED
                : makesRoom(subject.steps(part).get(row - 1)) || turns(step);
        if (!outside || prepared) {
            return Optional.empty();
        }
        return Optional.of(warning(Place.cell(part, row, Column.FOOT_POSITION), step.footPosition().orElseThrow().toString(),
                "a side lead or turn before it", "Step " + (row + 1) + " goes outside partner, but nothing before it makes room: no side lead, no turn."));
    }

    private static boolean makesRoom(Step step) {
        boolean aside = step.footPosition().filter(position -> MAKE_ROOM.contains(position.placement())
                || position.modifiers().stream().anyMatch(SIDE_LEADS::contains)).isPresent();
        return aside || turns(step);
    }

    private static boolean turns(Step step) {
        return !step.turn().between().isNone() || !step.turn().on().isNone() || !(step.turn().body() instanceof BodyTurn.Follows);
    }
}
