package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.List;
import java.util.Optional;

/** R3. Backward on the inside of a turn the heel stays down until the other foot has passed. */
final class InsideBackStepStaysFlat extends StepRule {

    private static final int NOTABLE_TURN = 4;

    InsideBackStepStaysFlat() {
        super("R3", AuditSentences.noFootRiseOnABackward(), AuditSentences.aFootThatRisesOnThe());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        List<Step> steps = subject.steps(part);
        boolean turnsNext =
                row + 1 < steps.size() && steps.get(row + 1).turn().between().size() >= NOTABLE_TURN;
        boolean rises = step.rise().has(RiseFall.Kind.COMMENCE) && !step.rise().has(RiseFall.Kind.NO_FOOT_RISE);
        if (!turnsNext || !rises || !step.goes(StepDirection.BACK)) {
            return Optional.empty();
        }
        return Optional.of(note(
                Place.cell(part, row, Column.RISE),
                step.rise().toString(),
                "NFR",
                AuditSentences.stepGoesBackOnTheInside((row + 1))));
    }
}
