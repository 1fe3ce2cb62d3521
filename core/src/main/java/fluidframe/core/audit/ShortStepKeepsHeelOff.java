package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import java.util.Optional;

/**
 * F6. Half a beat of tango is nearly half a second and leaves time; what counts is half a beat or less in under 0.3 s.
 */
final class ShortStepKeepsHeelOff extends StepRule {

    ShortStepKeepsHeelOff() {
        super("F6", AuditSentences.aStepOfHalfABeat(), AuditSentences.thereIsNoTimeToLower());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        Optional<Beats> length =
                subject.timing(part).map(timing -> timing.slots().get(row).length());
        boolean quick = length.filter(beats -> beats.compareTo(Beats.HALF) <= 0
                        && subject.dance().fastest().seconds(subject.figure().rhythm(), beats)
                                < subject.dance().technique().lowering())
                .isPresent();
        boolean lowers = step.takesWeight()
                && step.footwork().contacts().size() > 1
                && isDown(subject, step.footwork().last().orElseThrow());
        return quick && lowers
                ? Optional.of(warning(
                        Place.cell(part, row, Column.FOOTWORK),
                        step.footwork().toString(),
                        AuditSentences.heelOffTheFloor(),
                        AuditSentences.stepLastsOfABeatIts((row + 1), length.get(), step.footwork())))
                : Optional.empty();
    }

    /**
     * Danced through the hips the foot is flat as soon as the weight is over it; elsewhere flat is lowered as well as
     * the heel.
     */
    private static boolean isDown(Subject subject, Footwork.Surface last) {
        boolean flat = last == Footwork.Surface.FLAT || last == Footwork.Surface.WHOLE;
        return last == Footwork.Surface.HEEL
                || flat && !subject.dance().technique().hipAction();
    }
}
