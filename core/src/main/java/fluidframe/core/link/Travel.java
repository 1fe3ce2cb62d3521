package fluidframe.core.link;

import fluidframe.core.figure.Chart;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** Which way a dancer moves, as the body looks. */
public enum Travel {
    FORWARD("forward"), BACK("back"), LEFT("left"), RIGHT("right"), ON_THE_SPOT("on the spot");

    private final String wording;

    Travel(String wording) {
        this.wording = wording;
    }

    public String wording() {
        return wording;
    }

    /** With the last step that takes weight. */
    static Travel ending(Chart chart) {
        List<Step> steps = new ArrayList<>(chart.steps());
        Collections.reverse(steps);
        return steps.stream().filter(Step::takesWeight).findFirst().map(Travel::of).orElse(ON_THE_SPOT);
    }

    /** With the first step that takes weight. */
    static Travel beginning(Chart chart) {
        return chart.steps().stream().filter(Step::takesWeight).findFirst().map(Travel::of).orElse(ON_THE_SPOT);
    }

    private static Travel of(Step step) {
        Optional<Placement> placement = step.footPosition().map(position -> position.placement());
        return placement.map(place -> switch (place) {
            case FORWARD, DIAGONAL_FORWARD -> FORWARD;
            case BACK, DIAGONAL_BACK -> BACK;
            case SIDE -> step.foot().equals(Optional.of(Foot.LEFT)) ? LEFT : RIGHT;
            case CLOSE, CROSS_IN_FRONT, CROSS_BEHIND, IN_PLACE -> ON_THE_SPOT;
        }).orElse(ON_THE_SPOT);
    }

    /** Whether going on in the other direction means stopping first. */
    boolean reverses(Travel next) {
        return switch (this) {
            case FORWARD -> next == BACK;
            case BACK -> next == FORWARD;
            case LEFT -> next == RIGHT;
            case RIGHT -> next == LEFT;
            case ON_THE_SPOT -> false;
        };
    }
}
