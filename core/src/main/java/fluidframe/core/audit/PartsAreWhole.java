package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.RepeatUnit;
import fluidframe.core.figure.Rows;
import fluidframe.core.figure.Split;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Action;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * T8. A part begins and ends where a couple can: not inside a lock or a chassé, not inside a unit that is repeated, nor
 * while one of them is still on the way. Two parts either lie one inside the other or have no step in common.
 */
final class PartsAreWhole extends CheckedRule {

    PartsAreWhole() {
        super("T8", AuditSentences.aPartOfAFigureIs(), AuditSentences.halfALockOrHalfA());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.ALL;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        List<Split> splits = subject.figure().variants().splits();
        for (int i = 0; i < splits.size(); i++) {
            Split split = splits.get(i);
            Place place = Place.field("splits/" + i);
            cut(subject, split.first() - 1)
                    .or(() -> cut(subject, split.last()))
                    .ifPresent(what -> found.add(error(
                            place,
                            split.name(),
                            AuditSentences.aWholeMovement(),
                            AuditSentences.thePartCutsInHalf(split.name(), what))));
            for (Split other : splits.subList(0, i)) {
                if (overlap(other, split)) {
                    found.add(warning(
                            place,
                            split.first() + "–" + split.last(),
                            other.first() + "–" + other.last(),
                            AuditSentences.thePartsAndHaveStepsIn(other.name(), split.name())));
                }
            }
        }
        return found;
    }

    private static boolean overlap(Split one, Split other) {
        boolean apart = one.last() < other.first() || other.last() < one.first();
        boolean inside = one.first() <= other.first() && other.last() <= one.last()
                || other.first() <= one.first() && one.last() <= other.last();
        return !apart && !inside;
    }

    /**
     * What a cut before a row of the man's goes through, if through anything.
     *
     * @param row from 0; the number of rows to cut after the last
     */
    private Optional<String> cut(Subject subject, int row) {
        Optional<Timing> his = subject.timing(Part.MAN);
        Optional<Timing> hers = subject.timing(Part.LADY);
        int rows = subject.steps(Part.MAN).size();
        if (row <= 0 || row >= rows || his.isEmpty() || hers.isEmpty()) {
            return Optional.empty();
        }
        Beats at = his.get().slots().get(row).onset();
        List<Slot> slots = hers.get().slots();
        int herRow = 0;
        while (herRow < slots.size() && slots.get(herRow).onset().compareTo(at) < 0) {
            herRow++;
        }
        boolean onTheWay = herRow > 0 && slots.get(herRow - 1).end().compareTo(at) > 0;
        Optional<String> theirs =
                movement(subject.steps(Part.MAN), his.get(), row).map(what -> AuditSentences.theMans(what));
        int cutHers = herRow;
        return theirs.or(() -> onTheWay
                        ? Optional.of(AuditSentences.theLadysStep(cutHers))
                        : movement(subject.steps(Part.LADY), hers.get(), cutHers)
                                .map(what -> AuditSentences.theLadys(what)))
                .or(() -> subject.figure()
                        .variants()
                        .repeat()
                        .filter(unit -> insideUnit(unit, row, rows))
                        .map(unit -> AuditSentences.theUnitThatIsRepeated()));
    }

    private static boolean insideUnit(RepeatUnit unit, int row, int rows) {
        Rows man = unit.man();
        boolean wholeFigure = man.first() == 0 && man.last() == rows - 1;
        return !wholeFigure && row > man.first() && row <= man.last();
    }

    /** The lock or the chassé that a cut before a row goes through. */
    private static Optional<String> movement(List<Step> steps, Timing timing, int row) {
        if (row <= 0 || row >= steps.size()) {
            return Optional.empty();
        }
        Step before = steps.get(row - 1);
        Step after = steps.get(row);
        boolean quick = timing.slots().get(row - 1).length().compareTo(Beats.ONE) <= 0;
        if (after.does(Action.LOCK) || before.does(Action.LOCK) && quick && walks(after)) {
            return Optional.of("lock");
        }
        boolean closing = after.goes(StepDirection.CLOSE)
                && after.takesWeight()
                && aside(before)
                && row + 1 < steps.size()
                && aside(steps.get(row + 1));
        boolean closed = before.goes(StepDirection.CLOSE)
                && before.takesWeight()
                && aside(after)
                && row >= 2
                && aside(steps.get(row - 2));
        return quick && (closing || closed) ? Optional.of("chassé") : Optional.empty();
    }

    private static boolean walks(Step step) {
        return step.takesWeight() && !step.goes(StepDirection.CLOSE) && !step.goes(StepDirection.IN_PLACE);
    }

    private static boolean aside(Step step) {
        return step.goes(StepDirection.SIDE) && step.takesWeight();
    }
}
