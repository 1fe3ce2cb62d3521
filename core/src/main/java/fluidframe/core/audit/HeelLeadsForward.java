package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.HeelLead;
import fluidframe.core.figure.Height;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/**
 * F1. From a lowered position the swinging leg arrives heel first; steps on edges, locks, runs and touches are their
 * own matter.
 */
final class HeelLeadsForward extends StepRule {

    HeelLeadsForward() {
        super("F1", AuditSentences.inTheSwingDancesAndTango(), AuditSentences.aFlatOrToeFirstForward());
    }

    @Override
    boolean concerns(Subject subject) {
        return subject.dance().technique().heelLead() == HeelLead.WANTED;
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean toeFirst = step.footwork()
                .first()
                .filter(first -> first != Footwork.Surface.HEEL)
                .isPresent();
        if (!toeFirst
                || !walksForward(step)
                || subject.heights(part).get(row) != Height.LOWERED
                || shortBefore(subject, part, row)) {
            return Optional.empty();
        }
        return Optional.of(warning(
                Place.cell(part, row, Column.FOOTWORK),
                step.footwork().toString(),
                AuditSentences.heelFirst(),
                AuditSentences.stepGoesForwardFromALowered((row + 1), step.footwork())));
    }

    private static boolean walksForward(Step step) {
        boolean onEdge = !step.footwork().contacts().isEmpty()
                && step.footwork().contacts().get(0).edge().isPresent();
        return step.goes(StepDirection.FORWARD)
                && step.takesWeight()
                && !onEdge
                && !step.does(ActionTrait.OWN_FOOTWORK);
    }

    /** In a run of quick steps, where no rise is written, the body stays up. */
    private static boolean shortBefore(Subject subject, Part part, int row) {
        return row > 0
                && subject.timing(part)
                        .filter(timing -> timing.slots()
                                        .get(row - 1)
                                        .length()
                                        .compareTo(timing.rhythm().and())
                                <= 0)
                        .isPresent();
    }
}
