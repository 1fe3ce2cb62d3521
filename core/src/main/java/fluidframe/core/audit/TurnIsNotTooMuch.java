package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Action;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;

/**
 * A5. Between two steps the hips allow three eighths; a pivot or heel turn half, also for the partner who goes round
 * it, and on the ball of the foot in the Latin dances; a spiral or spin a whole turn.
 */
final class TurnIsNotTooMuch extends CheckedRule {

    private static final int ORDINARY = 6;

    TurnIsNotTooMuch() {
        super("A5", AuditSentences.noMoreTurnBetweenTwoSteps(), AuditSentences.moreThanThreeEighthsBetweenTwo());
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            List<Step> steps = subject.steps(part);
            boolean roundHeelTurn = subject.steps(part.partner()).stream()
                    .anyMatch(step -> step.does(ActionTrait.ON_THE_HEEL) || step.does(Action.PIVOT));
            int ordinary = roundHeelTurn || subject.dance().technique().hipAction() ? Turn.WHOLE / 2 : ORDINARY;
            for (int row = 0; row < steps.size(); row++) {
                Step step = steps.get(row);
                int between = Math.max(ordinary, Math.max(limit(step), row > 0 ? limit(steps.get(row - 1)) : ORDINARY));
                check(part, row, step.turn().between(), between, AuditSentences.betweenTwoStepsLikeThese(), found);
                check(
                        part,
                        row,
                        step.turn().on(),
                        Math.max(limit(step), Turn.WHOLE / 2),
                        AuditSentences.onAFootThatDoesNot(),
                        found);
            }
        }
        return found;
    }

    private void check(Part part, int row, Turn turn, int limit, String what, List<Finding> found) {
        if (turn.size() > limit) {
            String most = new Turn(limit).sizeText();
            found.add(warning(
                    Place.cell(part, row, Column.TURN),
                    turn.sizeText(),
                    AuditSentences.atMost(most),
                    AuditSentences.stepMakesIsTheMost(
                            (row + 1), turn.spokenSize(), what, new Turn(limit).spokenSize())));
        }
    }

    private static int limit(Step step) {
        return step.does(ActionTrait.GOES_ROUND)
                ? Turn.WHOLE
                : step.does(ActionTrait.TURNS_HALF) ? Turn.WHOLE / 2 : ORDINARY;
    }
}
