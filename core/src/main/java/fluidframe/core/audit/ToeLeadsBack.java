package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Action;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/** F2. */
final class ToeLeadsBack extends StepRule {

    ToeLeadsBack() {
        super(
                "F2",
                "a backward step starts with the toe or the ball",
                "A backward step on the heel throws the weight back and catches the partner's foot.");
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        Optional<Footwork.Surface> first = step.footwork().first();
        boolean whole = !subject.dance().technique().hipAction()
                && first.filter(surface -> surface == Footwork.Surface.FLAT || surface == Footwork.Surface.WHOLE)
                        .isPresent();
        boolean heel = first.filter(surface -> surface == Footwork.Surface.HEEL).isPresent();
        boolean stepsBack = step.goes(StepDirection.BACK)
                && step.takesWeight()
                && !step.does(Action.HEEL_PULL)
                && !step.does(Action.HEEL_TURN);
        if (!stepsBack || !heel && !whole) {
            return Optional.empty();
        }
        return Optional.of(warning(
                Place.cell(part, row, Column.FOOTWORK),
                step.footwork().toString(),
                "toe or ball first",
                "Step " + (row + 1) + " goes back; its footwork " + step.footwork() + " starts with the "
                        + (heel ? "heel" : "whole foot") + " instead of the toe."));
    }
}
