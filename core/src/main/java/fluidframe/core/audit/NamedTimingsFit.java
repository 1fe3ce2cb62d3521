package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.NamedTiming;
import fluidframe.core.notation.Place;
import fluidframe.core.time.Count;
import fluidframe.core.time.CountException;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** T6. */
final class NamedTimingsFit extends CheckedRule {

    NamedTimingsFit() {
        super("T6", AuditSentences.everyNamedTimingFillsTheSame(), AuditSentences.aSecondTimingThatIsLonger());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.ALL;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        List<NamedTiming> timings = subject.figure().variants().timings();
        for (int i = 0; i < timings.size(); i++) {
            for (Part part : Part.values()) {
                Place place = Place.field("timings/" + i + "/" + part.key());
                problem(subject, part, timings.get(i).count(part))
                        .map(problem -> error(place, problem.stated, problem.reckoned, problem.sentence))
                        .ifPresent(found::add);
            }
        }
        return found;
    }

    private record Problem(String stated, String reckoned, String sentence) {}

    private static Optional<Problem> problem(Subject subject, Part part, Count count) {
        int rows = subject.steps(part).size();
        if (count.tokens().size() != rows) {
            return Optional.of(new Problem(
                    count.tokens().size() + " marks",
                    rows + " rows",
                    AuditSentences.theSChartHasRowsThis(
                            part.wording(), rows, count.tokens().size())));
        }
        try {
            Timing timing =
                    Timing.of(subject.figure().rhythm(), count, subject.figure().length());
            return CountFillsBars.miscount(timing, subject.figure().length())
                    .map(miscount -> new Problem(
                            miscount.counted().wording(),
                            subject.figure().length().wording(),
                            AuditSentences.thisCountComesToTheFigure(
                                    miscount.counted().wording(),
                                    subject.figure().length())));
        } catch (CountException e) {
            return Optional.of(
                    new Problem(count.toString(), "", AuditSentences.thisCountCannotBeReadIn(e.getMessage())));
        }
    }
}
