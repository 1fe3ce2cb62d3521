package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Turn;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A6. Three weight steps or more with a quarter of turn or more, all of it before one of them: the outside of the turn
 * usually turns a little on each step, the inside more and earlier.
 */
final class TurnIsShared extends CheckedRule {

    private static final int QUARTER = 4;
    private static final int STEPS_TO_SHARE = 3;

    TurnIsShared() {
        super("A6", AuditSentences.theTurnIsSharedBetweenThe(), AuditSentences.allOfTheTurnOnOne());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.PARTS;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            onlyTurn(subject.steps(part)).ifPresent(row -> {
                Step first = subject.steps(part).get(row - 1);
                String side = first.goes(StepDirection.BACK)
                        ? AuditSentences.onTheInsideMoreAndEarlier()
                        : AuditSentences.onTheOutsideALittleEach();
                Turn between = subject.steps(part).get(row).turn().between();
                String turn = between.toString();
                found.add(note(
                        Place.cell(part, row, Column.TURN),
                        turn,
                        "shared",
                        AuditSentences.allOfTheTurnIsBefore(between.spoken(), (row + 1), side)));
            });
        }
        return found;
    }

    private static Optional<Integer> onlyTurn(List<Step> steps) {
        long weights = steps.stream().filter(Step::takesWeight).count();
        List<Integer> turning = new ArrayList<>();
        for (int row = 1; row < steps.size(); row++) {
            if (!steps.get(row).turn().between().isNone()) {
                turning.add(row);
            }
        }
        boolean otherTurn =
                steps.stream().anyMatch(step -> !step.turn().on().isNone() || step.does(ActionTrait.TURN_IS_ITS_OWN));
        boolean all = weights >= STEPS_TO_SHARE
                && turning.size() == 1
                && !otherTurn
                && steps.get(turning.get(0)).turn().between().size() > QUARTER;
        return all ? Optional.of(turning.get(0)) : Optional.empty();
    }
}
