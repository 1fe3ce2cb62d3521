package fluidframe.core.drill;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Repeats;
import fluidframe.core.figure.Split;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Dancing;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The exercises that a figure's charts suggest: the figure's unit as often as ends on the right foot; every step with
 * an action of its own, danced alone with the step before and after it, and one degree at a time where it turns; every
 * part it may be used in; and all of it.
 */
public final class Drills {

    private static final List<Integer> BY_DEGREES = List.of(25, 50, 100);
    private static final int MOST = 8;

    private Drills() {}

    /** At most eight, the most particular first. */
    public static List<Drill> of(Figure figure) {
        Map<String, Drill> drills = new LinkedHashMap<>();
        unit(figure).ifPresent(drill -> drills.put(DrillSheet.of(drill).title(), drill));
        for (Part part : Part.values()) {
            actions(figure, part)
                    .forEach(drill ->
                            drills.putIfAbsent(part + DrillSheet.of(drill).title(), drill));
        }
        figure.variants().splits().stream()
                .filter(split ->
                        split.last() - split.first() + 1 < figure.man().steps().size())
                .forEach(split -> danced(figure, Way.AS_CHARTED.withSplit(split.name()))
                        .ifPresent(dancing -> drills.putIfAbsent(split.name(), couple(figure, dancing))));
        danced(figure, Way.AS_CHARTED).ifPresent(dancing -> drills.put("", couple(figure, dancing)));
        return drills.values().stream().limit(MOST).toList();
    }

    private static Optional<Drill> unit(Figure figure) {
        return Repeats.table(figure).stream()
                .filter(outcome -> outcome.fits() && outcome.times() > 1)
                .max(Comparator.comparingInt(outcome -> outcome.times()))
                .flatMap(outcome -> danced(figure, Way.AS_CHARTED.withRepeats(outcome.times())))
                .map(dancing -> couple(figure, dancing));
    }

    private static List<Drill> actions(Figure figure, Part part) {
        List<Drill> drills = new ArrayList<>();
        List<Step> steps = figure.chart(part).steps();
        boolean alike = figure.man().steps().size() == figure.lady().steps().size();
        for (int row = 0; row < steps.size() && alike; row++) {
            if (steps.get(row).actions().stream().anyMatch(action -> !action.is(ActionTrait.EVERYDAY))) {
                int first = Math.max(1, row);
                int last = Math.min(steps.size(), row + 2);
                boolean turns = !steps.get(row)
                        .turn()
                        .between()
                        .plus(steps.get(row).turn().on())
                        .isNone();
                danced(figure, Way.AS_CHARTED.withSplit(Split.stepsNamed(first, last)))
                        .ifPresent(dancing -> drills.add(new Drill(
                                List.of(dancing),
                                Optional.of(part),
                                "",
                                flat(figure),
                                turns ? BY_DEGREES : List.of(),
                                TempoLadder.USUAL)));
            }
        }
        return drills;
    }

    private static Drill couple(Figure figure, Dancing dancing) {
        return new Drill(List.of(dancing), Optional.empty(), "", flat(figure), List.of(), TempoLadder.USUAL);
    }

    private static boolean flat(Figure figure) {
        return figure.teaching().cautions().contains(Caution.HIGH_HEELS)
                || figure.teaching().cautions().contains(Caution.LOCK_AT_SPEED);
    }

    /** Some steps cannot be counted by themselves. */
    private static Optional<Dancing> danced(Figure figure, Way way) {
        try {
            return Optional.of(Dancing.of(figure, way));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
