package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Step;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * R4. A phase that names a step stands in the row of that step, named by its number, by the beat it is counted on or by
 * the partner's step at that moment.
 */
final class RiseIsWrittenInItsRow extends StepRule {

    RiseIsWrittenInItsRow() {
        super("R4", AuditSentences.riseAndFallStandInThe(), AuditSentences.whoReadsTheRowOfStep());
    }

    @Override
    public Set<WayKind> silentOn() {
        return Set.of(WayKind.REPEATS, WayKind.PART);
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        return step.rise().phases().stream()
                .filter(phase -> phase.step().isPresent()
                        && !FootworkSuitsRise.names(phase.step().get(), row, step)
                        && !isPartners(subject, part, row, phase.step().get()))
                .findFirst()
                .map(phase -> warning(
                        Place.cell(part, row, Column.RISE),
                        phase.toString(),
                        "step " + (row + 1),
                        AuditSentences.theRowOfStepSaysWhat(
                                (row + 1), phase, phase.step().get())));
    }

    private static boolean isPartners(Subject subject, Part part, int row, int number) {
        return subject.moments().stream()
                .anyMatch(moment -> moment.row(part).equals(OptionalInt.of(row))
                        && moment.row(part.partner()).equals(OptionalInt.of(number - 1)));
    }
}
