package fluidframe.core.link;

import fluidframe.core.figure.Chart;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.Optional;

/** Which way a dancer moves, as the body looks. */
public enum Travel {
    FORWARD("forward"),
    BACK("back"),
    LEFT("left"),
    RIGHT("right"),
    ON_THE_SPOT("on the spot");

    private final String wording;

    Travel(String wording) {
        this.wording = wording;
    }

    public String wording() {
        return wording;
    }

    /** With the last step; who ends on a touch, a hesitation or a hold has come to rest. */
    static Travel ending(Chart chart) {
        Step last = chart.steps().get(chart.steps().size() - 1);
        return last.takesWeight() ? of(last) : ON_THE_SPOT;
    }

    /** With the first step that takes weight. */
    static Travel beginning(Chart chart) {
        return chart.steps().stream()
                .filter(Step::takesWeight)
                .findFirst()
                .map(Travel::of)
                .orElse(ON_THE_SPOT);
    }

    /** A small step gathers no way that would have to be stopped. */
    private static Travel of(Step step) {
        Optional<StepDirection> placement = step.footPosition()
                .filter(position -> !position.has(PositionModifier.SMALL))
                .map(FootPosition::direction);
        return placement
                .map(place -> switch (place) {
                    case FORWARD, DIAGONAL_FORWARD -> FORWARD;
                    case BACK, DIAGONAL_BACK -> BACK;
                    case SIDE ->
                        step.has(PositionModifier.SLIGHTLY_BACK)
                                ? BACK
                                : step.has(PositionModifier.SLIGHTLY_FORWARD)
                                        ? FORWARD
                                        : step.foot().equals(Optional.of(Foot.LEFT)) ? LEFT : RIGHT;
                    case CLOSE, CROSS_IN_FRONT, CROSS_BEHIND, IN_PLACE -> ON_THE_SPOT;
                })
                .orElse(ON_THE_SPOT);
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
