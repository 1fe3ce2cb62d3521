package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Count;
import fluidframe.core.time.CountException;
import fluidframe.core.time.CountToken;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** T5. The second form of the count must put every row where the first one does. */
final class SpokenCountAgrees extends CheckedRule {

    SpokenCountAgrees() {
        super("T5", AuditSentences.wordsAndNumbersAgreeWhereBoth(), AuditSentences.aCoachWhoSaysSlowQuick());
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            subject.timing(part).flatMap(timing -> check(subject, part, timing)).ifPresent(found::add);
        }
        return found;
    }

    private Optional<Finding> check(Subject subject, Part part, Timing timing) {
        List<Step> steps = subject.steps(part);
        if (steps.stream().allMatch(step -> step.alsoCounted().isEmpty())) {
            return Optional.empty();
        }
        List<CountToken> tokens = new ArrayList<>();
        for (int row = 0; row < steps.size(); row++) {
            Optional<CountToken> token = steps.get(row).alsoCounted();
            if (token.isEmpty()) {
                return Optional.of(error(
                        Place.cell(part, row, Column.WORDS),
                        "nothing",
                        timing.slots().get(row).token().toString(),
                        AuditSentences.theOtherRowsGiveTheCount((row + 1))));
            }
            tokens.add(token.get());
        }
        try {
            return compare(part, timing, Timing.of(timing.rhythm(), new Count(tokens), timing.length()));
        } catch (CountException e) {
            return Optional.of(error(
                    Place.cell(part, e.index(), Column.WORDS),
                    tokens.get(e.index()).toString(),
                    "",
                    AuditSentences.theSecondFormOfTheCount(e.getMessage())));
        }
    }

    private Optional<Finding> compare(Part part, Timing timing, Timing other) {
        for (int row = 0; row < timing.slots().size(); row++) {
            Beats lasts = timing.slots().get(row).length();
            Beats said = other.slots().get(row).length();
            if (!lasts.equals(said)) {
                return Optional.of(error(
                        Place.cell(part, row, Column.WORDS),
                        said.wording(),
                        lasts.wording(),
                        AuditSentences.rowLastsAsButAs(
                                (row + 1),
                                lasts.wording(),
                                timing.slots().get(row).token(),
                                said.wording(),
                                other.slots().get(row).token())));
            }
        }
        return Optional.empty();
    }
}
