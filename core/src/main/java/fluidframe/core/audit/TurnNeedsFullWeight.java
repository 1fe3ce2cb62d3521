package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Action;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.Step;
import fluidframe.core.step.Weight;
import fluidframe.core.time.CountToken;
import java.util.Optional;

/**
 * W4. A turn on one foot needs all the weight there. Twists on both feet, and heel turns and pulls, which pass the
 * weight while they turn, are other actions and left alone.
 */
final class TurnNeedsFullWeight extends StepRule {

    /** A smaller turn on part weight is a foot that lets the body through, no spin. */
    private static final int NOTABLE_TURN = 4;

    TurnNeedsFullWeight() {
        super("W4", AuditSentences.spinsSpiralsSwivelsAndPivotsHappen(), AuditSentences.aTurnOnSplitWeightTips());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean full = step.weight() == Weight.FULL && !step.foot().equals(Optional.of(Foot.BOTH));
        return turnsOnOneFoot(step) && !full ? Optional.of(finding(part, row, step)) : Optional.empty();
    }

    private static boolean turnsOnOneFoot(Step step) {
        boolean onPart = step.turn().on().size() >= NOTABLE_TURN && step.weight() == Weight.PART;
        return (step.does(ActionTrait.ON_ONE_FOOT) || onPart)
                && !step.does(ActionTrait.ON_BOTH_FEET)
                && step.foot().isPresent()
                && step.footPosition().isPresent();
    }

    private Finding finding(Part part, int row, Step step) {
        String turn = step.actions().stream()
                .filter(action -> action.is(ActionTrait.ON_ONE_FOOT))
                .map(Action::wording)
                .findFirst()
                .orElse(AuditSentences.turnOnTheFoot());
        if (step.foot().orElseThrow() == Foot.BOTH) {
            return error(
                    Place.cell(part, row, Column.FOOT),
                    "both",
                    AuditSentences.lfOrRf(),
                    AuditSentences.aIsMadeOnOneFoot(turn));
        }
        if (step.count().map(CountToken::bracketed).orElse(false)) {
            return error(
                    Place.cell(part, row, Column.COUNT),
                    step.count().orElseThrow().toString(),
                    AuditSentences.aCountWithWeight(),
                    AuditSentences.aNeedsFullWeightTheBracketed(turn));
        }
        FootPosition position = step.footPosition().orElseThrow();
        Place place = Place.cell(part, row, step.does(Action.TAP) ? Column.ACTION : Column.FOOT_POSITION);
        String full =
                new FootPosition(position.direction(), Optional.empty(), Weight.FULL, position.modifiers()).toString();
        String weight = step.weight() == Weight.PART ? AuditSentences.partOfTheWeight() : AuditSentences.noWeight();
        return error(
                place,
                position.toString(),
                full,
                AuditSentences.aNeedsFullWeightFirstThis(turn, weight),
                new Fix(AuditSentences.takeFullWeight(), place, full));
    }
}
