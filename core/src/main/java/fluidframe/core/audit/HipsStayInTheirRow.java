package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Step;
import java.util.Optional;

/** B1. A hip or body action named at a point of the beat must fall before the next step begins. */
final class HipsStayInTheirRow extends StepRule {

    HipsStayInTheirRow() {
        super("B1", AuditSentences.hipAndBodyActionsFallInside(), AuditSentences.aSettleCountedIntoTheNext());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        return subject.timing(part)
                .map(timing -> timing.slots().get(row).length())
                .flatMap(length -> step.body().entries().stream()
                        .filter(entry -> entry.at()
                                .filter(at -> at.compareTo(length) >= 0)
                                .isPresent())
                        .findFirst()
                        .map(entry -> error(
                                Place.cell(part, row, Column.BODY),
                                entry.toString(),
                                "before " + length,
                                AuditSentences.comesBeatAfterTheStepWhich(
                                        entry, entry.at().orElseThrow(), length))));
    }
}
