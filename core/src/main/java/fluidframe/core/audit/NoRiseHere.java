package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import java.util.Optional;

/** R2. Which dances rise is said of each; of the Latin families only one does, the slow one with long side steps. */
final class NoRiseHere extends StepRule {

    NoRiseHere() {
        super("R2", AuditSentences.tangoAndTheLatinDancesHave(), AuditSentences.theirKneesStayFlexedAndThe());
    }

    @Override
    boolean concerns(Subject subject) {
        return !subject.dance().technique().rises();
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        if (step.rise().phases().stream().allMatch(phase -> phase.kind() == RiseFall.Kind.NO_FOOT_RISE)) {
            return Optional.empty();
        }
        Place place = Place.cell(part, row, Column.RISE);
        return Optional.of(error(
                place,
                step.rise().toString(),
                "nothing",
                AuditSentences.hasNoRiseAndFallStep(subject.dance().title(), (row + 1), step.rise()),
                new Fix(AuditSentences.removeIt(), place, "")));
    }
}
