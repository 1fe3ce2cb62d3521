package fluidframe.core.audit;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.RepeatUnit;
import fluidframe.core.figure.Repeats;
import fluidframe.core.notation.Place;
import fluidframe.core.notation.RepeatTimes;
import fluidframe.core.step.Foot;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * W6. The feet of both parts are walked through every allowed number of repeats. What mends the others is a step that
 * changes the parity: a check or tap in place of the unit's last weight change, or a replace after it.
 */
final class RepeatEndsOnTheRightFoot extends CheckedRule {

    RepeatEndsOnTheRightFoot() {
        super(
                "W6",
                "a repeated unit ends with the foot free that the next row needs",
                "\"As many times as you like\" is only true of some numbers; the others end on the wrong foot.");
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
            Fix[] fixes =
                    works.isEmpty() ? new Fix[0] : new Fix[] {new Fix("allow " + working + " times", place, working)};
            found.add(error(
                    place,
                    RepeatTimes.write(unit.times()),
                    working,
                    "Danced "
                            + fails.stream().map(String::valueOf).collect(Collectors.joining(", "))
                            + " times the unit (rows " + (unit.man().first() + 1)
                            + "–" + (unit.man().last() + 1) + ") leaves the wrong foot free for the row after it"
                            + needed(figure, unit)
                            + "; it works " + (works.isEmpty() ? "for no number" : working + " times")
                            + ". A tap instead of its last weight change, or a replace after it, mends the others.",
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
                        .map(foot -> ", which the man starts with " + foot)
                        .orElse("")
                : "";
    }
}
