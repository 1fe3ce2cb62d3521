package fluidframe.core.figure;

import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;

/** How high a dancer is: lowered, on the way up, or up. A chart that never rises stays lowered. */
public enum Height {
    LOWERED,
    RISING,
    UP;

    /** Before each row, so that a row's own rise does not count yet. */
    public static List<Height> before(Chart chart) {
        List<Height> heights = new ArrayList<>();
        Height height = LOWERED;
        for (Step step : chart.steps()) {
            heights.add(height);
            height = height.after(step);
        }
        return heights;
    }

    /** Once each row's step is taken, before what happens at its end. */
    public static List<Height> reached(Chart chart) {
        List<Height> heights = new ArrayList<>();
        Height height = LOWERED;
        for (Step step : chart.steps()) {
            Height reached = height;
            for (RiseFall.Phase phase : step.rise().phases()) {
                reached = phase.atEnd() ? reached : reached.after(phase.kind());
            }
            heights.add(reached);
            height = height.after(step);
        }
        return heights;
    }

    /** After each row. */
    public static List<Height> after(Chart chart) {
        List<Height> heights = new ArrayList<>();
        Height height = LOWERED;
        for (Step step : chart.steps()) {
            height = height.after(step);
            heights.add(height);
        }
        return heights;
    }

    /** After the last row. */
    public static Height end(Chart chart) {
        List<Height> heights = after(chart);
        return heights.isEmpty() ? LOWERED : heights.get(heights.size() - 1);
    }

    private Height after(Step step) {
        Height height = this;
        for (RiseFall.Phase phase : step.rise().phases()) {
            height = height.after(phase.kind());
        }
        return height;
    }

    private Height after(RiseFall.Kind kind) {
        return switch (kind) {
            case COMMENCE, CONTINUE -> RISING;
            case UP, REMAIN_UP -> UP;
            case LOWER -> LOWERED;
            case BODY_RISE -> this == LOWERED ? RISING : this;
            case NO_FOOT_RISE -> this;
        };
    }
}
