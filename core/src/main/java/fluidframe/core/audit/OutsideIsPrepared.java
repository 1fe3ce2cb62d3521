package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.BodyTurn;
import fluidframe.core.step.Placement;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** P2. A side lead, a side or diagonal step, a turn or another outside step before it makes room; so does a figure that starts outside. */
final class OutsideIsPrepared extends CheckedRule {

    private static final Set<Placement> MAKE_ROOM = Set.of(Placement.SIDE, Placement.DIAGONAL_FORWARD, Placement.DIAGONAL_BACK);
    private static final Set<PositionModifier> SIDE_LEADS = Set.of(PositionModifier.LEFT_SIDE_LEADING, PositionModifier.RIGHT_SIDE_LEADING,
            PositionModifier.SLIGHTLY_LEFT, PositionModifier.SLIGHTLY_RIGHT, PositionModifier.OUTSIDE_PARTNER, PositionModifier.OUTSIDE_PARTNER_LEFT,
            PositionModifier.PARTNER_OUTSIDE, PositionModifier.IN_PROMENADE, PositionModifier.CBMP);

    OutsideIsPrepared() {
        super("P2", "a step outside partner is prepared by a side lead or a turn",
                "Straight from in line to outside there is no room: the knees collide.");
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            List<Step> steps = subject.steps(part);
            for (int row = 0; row < steps.size(); row++) {
                boolean outside = steps.get(row).has(PositionModifier.OUTSIDE_PARTNER) || steps.get(row).has(PositionModifier.OUTSIDE_PARTNER_LEFT);
                boolean prepared = row == 0 ? subject.figure().start().position() != Position.CLOSED : makesRoom(steps.get(row - 1)) || turns(steps.get(row));
                if (outside && !prepared) {
                    found.add(warning(Place.cell(part, row, Column.FOOT_POSITION), steps.get(row).footPosition().orElseThrow().toString(),
                            "a side lead or turn before it", "Step " + (row + 1) + " goes outside partner, but nothing before it makes room: no side lead, no turn."));
                }
            }
        }
        return found;
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
