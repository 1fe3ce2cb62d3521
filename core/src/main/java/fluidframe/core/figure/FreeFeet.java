package fluidframe.core.figure;

import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;

/**
 * Which foot is free: before the first row, and after each row. Both means that either may be used next, because the
 * weight is on both feet or only in part on one.
 */
public record FreeFeet(Foot before, List<Foot> after) {

    public FreeFeet {
        after = List.copyOf(after);
    }

    static FreeFeet of(Chart chart) {
        Foot before = chart.steps().stream()
                .flatMap(step -> step.foot().stream())
                .findFirst()
                .orElse(Foot.BOTH);
        List<Foot> after = new ArrayList<>();
        Foot free = before;
        for (Step step : chart.steps()) {
            free = after(step, free);
            after.add(free);
        }
        return new FreeFeet(before, after);
    }

    private static Foot after(Step step, Foot free) {
        if (step.weight() == Weight.NONE) {
            return free;
        }
        return step.weight() == Weight.PART
                ? Foot.BOTH
                : step.foot().orElseThrow().other();
    }

    public Foot last() {
        return after.isEmpty() ? before : after.get(after.size() - 1);
    }
}
