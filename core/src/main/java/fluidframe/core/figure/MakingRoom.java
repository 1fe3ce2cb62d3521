package fluidframe.core.figure;

import fluidframe.core.step.BodyTurn;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Set;

/**
 * What makes room for a step outside partner: a side lead, a side or diagonal step, a turn, or having been outside
 * already. Straight from in line, with the hips square and the feet under them, the knees of the two meet.
 */
public final class MakingRoom {

    private static final Set<StepDirection> ASIDE =
            Set.of(StepDirection.SIDE, StepDirection.DIAGONAL_FORWARD, StepDirection.DIAGONAL_BACK);
    private static final Set<PositionModifier> LEADS = Set.of(
            PositionModifier.LEFT_SIDE_LEADING,
            PositionModifier.RIGHT_SIDE_LEADING,
            PositionModifier.SLIGHTLY_LEFT,
            PositionModifier.SLIGHTLY_RIGHT,
            PositionModifier.OUTSIDE_PARTNER,
            PositionModifier.OUTSIDE_PARTNER_LEFT,
            PositionModifier.PARTNER_OUTSIDE,
            PositionModifier.PARTNER_OUTSIDE_LEFT,
            PositionModifier.IN_PROMENADE,
            PositionModifier.CBMP);

    private MakingRoom() {}

    /** Whether the step after this one may go outside. */
    public static boolean by(Step step) {
        boolean aside = step.footPosition()
                .filter(position -> ASIDE.contains(position.direction())
                        || position.modifiers().stream().anyMatch(LEADS::contains))
                .isPresent();
        return aside || turns(step);
    }

    /** Whether the step turns, so that it makes room for itself. */
    public static boolean turns(Step step) {
        return !step.turn().between().isNone()
                || !step.turn().on().isNone()
                || !(step.turn().body() instanceof BodyTurn.Follows);
    }
}
