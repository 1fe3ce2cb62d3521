package fluidframe.core.compose;

import fluidframe.core.couple.Position;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Split;
import fluidframe.core.figure.SplitPurpose;
import fluidframe.core.link.Dancing;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What can stand at the beginning and at the end of a routine. A figure may say so itself; else its charts tell. From
 * standing a couple begin facing each other and in hold, in the dances that swing with a step forward or aside and not
 * out into promenade, on the spot with his left foot, and neither on a pivot nor in the middle of anything. They end
 * facing each other, in line, on a step that has come to rest: neither outside partner nor on the way backwards nor on
 * a turn.
 */
public final class Bookends {

    private static final Set<Position> FACING =
            EnumSet.of(Position.CLOSED, Position.CLOSED_FACING, Position.OPEN_FACING);
    private static final Set<StepDirection> STEPPING_OFF =
            EnumSet.of(StepDirection.FORWARD, StepDirection.DIAGONAL_FORWARD, StepDirection.SIDE);

    private Bookends() {}

    /** Whether a routine can begin with it. */
    public static boolean opens(Dancing dancing) {
        Optional<Split> split = split(dancing);
        if (split.isPresent()) {
            return split.get().purpose().equals(Optional.of(SplitPurpose.ENTRY));
        }
        return dancing.figure()
                .variants()
                .usage()
                .opens()
                .orElseGet(() -> dancing.way().entry().isEmpty()
                        && !dancing.way().otherFoot()
                        && beginsFromStanding(dancing.danced()));
    }

    /** Whether a routine can end with it. */
    public static boolean closes(Dancing dancing) {
        Optional<Split> split = split(dancing);
        if (split.isPresent()) {
            return split.get().purpose().equals(Optional.of(SplitPurpose.EXIT));
        }
        return dancing.figure().variants().usage().closes().orElseGet(() -> comesToRest(dancing));
    }

    /** Whether a part of a figure is one that coaches use between others. */
    static boolean isUsed(Dancing dancing) {
        return split(dancing).map(split -> split.purpose().isPresent()).orElse(true);
    }

    /** Whether a phrase that begins with it begins with the beginning of a figure. */
    static boolean isBegun(Dancing dancing) {
        return split(dancing).map(split -> split.first() == 1).orElse(true);
    }

    private static Optional<Split> split(Dancing dancing) {
        return dancing.way().split().flatMap(dancing.figure().variants()::split);
    }

    private static boolean beginsFromStanding(Figure figure) {
        List<Step> steps = figure.man().steps();
        boolean turning = steps.stream().limit(2).anyMatch(step -> step.does(ActionTrait.TURNS_AT_THE_ENDS));
        boolean swings = figure.dance().technique().contraryMovement();
        boolean off = steps.get(0).takesWeight()
                && (!swings
                        || steps.get(0)
                                .footPosition()
                                .filter(position -> STEPPING_OFF.contains(position.direction()))
                                .isPresent());
        boolean opensOut = steps.get(0).leadsTo().position().isPresent() && swings;
        boolean usualFoot = figure.dance().travels() || !steps.get(0).foot().equals(Optional.of(Foot.RIGHT));
        return FACING.contains(figure.start().position()) && !turning && off && !opensOut && usualFoot;
    }

    private static boolean comesToRest(Dancing dancing) {
        Figure figure = dancing.danced();
        Step last = figure.man().steps().get(figure.man().steps().size() - 1);
        return FACING.contains(figure.end().position())
                && dancing.exit().endsAtRest()
                && !last.does(ActionTrait.TURNS_AT_THE_ENDS);
    }
}
