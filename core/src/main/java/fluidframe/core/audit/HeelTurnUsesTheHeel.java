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
        super("F8", AuditSentences.aHeelTurnClosesOnThe(), AuditSentences.aHeelTurnSteppedToThe());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean turn = step.does(Action.HEEL_TURN);
        if (!turn && !step.does(Action.HEEL_PULL)) {
            return Optional.empty();
        }
        String what = turn ? AuditSentences.heelTurn() : AuditSentences.heelPull();
        boolean aside = step.goes(StepDirection.SIDE) && (turn || !step.has(PositionModifier.SMALL))
                || step.goes(StepDirection.FORWARD)
                || step.goes(StepDirection.BACK);
        if (aside) {
            Place place = Place.cell(part, row, Column.FOOT_POSITION);
            String wanted = turn ? "cl" : AuditSentences.sdSmall();
            return Optional.of(error(
                    place,
                    step.footPosition().orElseThrow().toString(),
                    wanted,
                    AuditSentences.stepIsAAndGoesThe(
                            (row + 1), what, step.footPosition().orElseThrow().wording(), turn),
                    new Fix(AuditSentences.makeIt2(wanted), place, wanted)));
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
                        AuditSentences.stepIsAItsFootworkHas((row + 1), what, step.footwork())))
                : Optional.empty();
    }
}
