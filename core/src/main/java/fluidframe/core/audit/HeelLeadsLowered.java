package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Height;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/** F9. A walk taken on the heel begins from a lowered position; after a rise that has not been lowered it cannot. */
final class HeelLeadsLowered extends StepRule {

    HeelLeadsLowered() {
        super("F9", AuditSentences.whoLeadsWithTheHeelHas(), AuditSentences.fromUpOnTheToesThe());
    }

    @Override
    boolean concerns(Subject subject) {
        return subject.dance().technique().rises();
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean heel = step.footwork()
                .first()
                .filter(first -> first == Footwork.Surface.HEEL)
                .isPresent();
        boolean walks = step.goes(StepDirection.FORWARD) && step.takesWeight();
        return heel && walks && subject.heights(part).get(row) == Height.UP
                ? Optional.of(error(
                        Place.cell(part, row, Column.FOOTWORK),
                        step.footwork().toString(),
                        AuditSentences.loweredBeforeIt(),
                        AuditSentences.stepLeadsWithTheHeelAnd((row + 1), part.wording())))
                : Optional.empty();
    }
}
