package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import java.util.ArrayList;
import java.util.List;

/** T1. */
final class CountIsReadable extends CheckedRule {

    CountIsReadable() {
        super("T1", AuditSentences.theCountCanBeReadIn(), AuditSentences.aCountThatMeansNothingIn());
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            subject.unreadableCount(part).ifPresent(e -> {
                Place place = Place.cell(part, e.index(), Column.COUNT);
                String stated = Column.COUNT.shorthand(
                        subject.figure().chart(part).steps().get(e.index()));
                found.add(new Finding(
                        id(),
                        Severity.ERROR,
                        place,
                        stated,
                        "",
                        place.wording() + ": " + e.getMessage() + ".",
                        List.of()));
            });
        }
        return found;
    }
}
