package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Action;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/**
 * F8. A heel turn closes: the feet turn together on the supporting heel. A heel pull draws the other foot a small step
 * aside. Neither is done on the toes; where the footwork names the supporting foot's edge the heel is taken to be said
 * with it.
 */
final class HeelTurnUsesTheHeel extends StepRule {

    HeelTurnUsesTheHeel() {
        super(
                "F8",
                "a heel turn closes on the heel, a heel pull draws in small",
                "A heel turn stepped to the side, or made on the toes, leaves the couple without an axis.");
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean turn = step.does(Action.HEEL_TURN);
        if (!turn && !step.does(Action.HEEL_PULL)) {
            return Optional.empty();
        }
        String what = turn ? "heel turn" : "heel pull";
        boolean aside = step.goes(StepDirection.SIDE) && (turn || !step.has(PositionModifier.SMALL))
                || step.goes(StepDirection.FORWARD)
                || step.goes(StepDirection.BACK);
        if (aside) {
            Place place = Place.cell(part, row, Column.FOOT_POSITION);
            String wanted = turn ? "cl" : "sd small";
            return Optional.of(error(
                    place,
                    step.footPosition().orElseThrow().toString(),
                    wanted,
                    "Step " + (row + 1) + " is a " + what + " and goes "
                            + step.footPosition().orElseThrow().wording() + "; "
                            + (turn
                                    ? "the feet close in a heel turn."
                                    : "a heel pull draws the foot in, a small step to the side."),
                    new Fix("make it " + wanted, place, wanted)));
        }
        boolean onToe = step.takesWeight()
                && !step.footwork().contacts().isEmpty()
                && step.footwork().contacts().stream()
                        .allMatch(contact -> contact.edge().isEmpty()
                                && (contact.surface() == Footwork.Surface.TOE
                                        || contact.surface() == Footwork.Surface.BALL));
        return onToe
                ? Optional.of(error(
                        Place.cell(part, row, Column.FOOTWORK),
                        step.footwork().toString(),
                        turn ? "HT" : "a heel",
                        "Step " + (row + 1) + " is a " + what + "; its footwork " + step.footwork() + " has no heel."))
                : Optional.empty();
    }
}
