package fluidframe.core.audit;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.RepeatUnit;
import fluidframe.core.figure.Repeats;
import fluidframe.core.notation.Place;
import fluidframe.core.notation.RepeatTimes;
import fluidframe.core.step.Foot;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * W6. The feet of both parts are walked through every allowed number of repeats. What mends the others is a step that
 * changes the parity: a check or tap in place of the unit's last weight change, or a replace after it.
 */
final class RepeatEndsOnTheRightFoot extends CheckedRule {

    RepeatEndsOnTheRightFoot() {
        super("W6", AuditSentences.aRepeatedUnitEndsWithThe(), AuditSentences.asManyTimesAsYouLike());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.ALL;
    }

    @Override
    public List<Finding> check(Subject subject) {
        return subject.figure()
                .variants()
                .repeat()
                .map(unit -> check(subject.figure(), unit))
                .orElse(List.of());
    }

    private List<Finding> check(Figure figure, RepeatUnit unit) {
        List<Finding> found = new ArrayList<>();
        SortedSet<Integer> works = new TreeSet<>();
        SortedSet<Integer> fails = new TreeSet<>();
        for (int times : unit.times()) {
            (Repeats.fits(figure, unit, times) ? works : fails).add(times);
        }
        if (!fails.isEmpty()) {
            Place place = Place.field("repeat/times");
            String working = works.isEmpty() ? "none" : RepeatTimes.write(works);
            Fix[] fixes = works.isEmpty()
                    ? new Fix[0]
                    : new Fix[] {new Fix(AuditSentences.allowTimes(working), place, working)};
            found.add(error(
                    place,
                    RepeatTimes.write(unit.times()),
                    working,
                    AuditSentences.dancedTimesTheUnitRowsLeaves(
                            fails.stream().map(String::valueOf).collect(Collectors.joining(", ")),
                            (unit.man().first() + 1),
                            (unit.man().last() + 1),
                            needed(figure, unit),
                            works.isEmpty(),
                            working),
                    fixes));
        }
        return found;
    }

    private static String needed(Figure figure, RepeatUnit unit) {
        int next = unit.man().last() + 1;
        return next < figure.man().steps().size()
                ? figure.man()
                        .steps()
                        .get(next)
                        .foot()
                        .filter(foot -> foot != Foot.BOTH)
                        .map(foot -> AuditSentences.whichTheManStartsWith(foot))
                        .orElse("")
                : "";
    }
}
