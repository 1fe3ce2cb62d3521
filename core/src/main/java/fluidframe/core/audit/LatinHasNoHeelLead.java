package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.HeelLead;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Action;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/**
 * F4. Danced through the hips the ball of the foot arrives first. A marched dance leads with the heel where it marches,
 * straight forward, and nowhere else; an appel is stamped with the whole foot.
 */
final class LatinHasNoHeelLead extends StepRule {

    LatinHasNoHeelLead() {
        super("F4", AuditSentences.noHeelLeadInLatinExcept(), AuditSentences.withTheHeelFirstTheKnee());
    }

    @Override
    boolean concerns(Subject subject) {
        return subject.dance().technique().heelLead() != HeelLead.WANTED;
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        if (step.does(Action.APPEL)
                && !step.footwork().isNone()
                && step.footwork()
                        .first()
                        .filter(first -> first == Footwork.Surface.WHOLE || first == Footwork.Surface.FLAT)
                        .isEmpty()) {
            Place place = Place.cell(part, row, Column.FOOTWORK);
            return Optional.of(warning(
                    place,
                    step.footwork().toString(),
                    "WF",
                    AuditSentences.stepIsAnAppelItIs((row + 1), step.footwork()),
                    new Fix(AuditSentences.makeItWf(), place, "WF")));
        }
        boolean marches = subject.dance().technique().heelLead() == HeelLead.ALLOWED
                && (step.goes(StepDirection.FORWARD) || step.goes(StepDirection.DIAGONAL_FORWARD));
        if (marches
                || !step.takesWeight()
                || step.footwork()
                        .first()
                        .filter(first -> first == Footwork.Surface.HEEL)
                        .isEmpty()) {
            return Optional.empty();
        }
        Place place = Place.cell(part, row, Column.FOOTWORK);
        return Optional.of(warning(
                place,
                step.footwork().toString(),
                AuditSentences.ballFirst(),
                AuditSentences.stepLeadsWithTheHeelMarches(
                        (row + 1),
                        subject.dance().title(),
                        subject.dance().technique().heelLead() == HeelLead.ALLOWED),
                new Fix(AuditSentences.makeItBf(), place, "BF")));
    }
}
