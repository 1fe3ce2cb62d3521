package fluidframe.core.link;

import fluidframe.core.couple.Position;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Moments;
import fluidframe.core.step.Step;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Whether the two are in line, each with the right foot pointing between the other's feet, or one steps outside the
 * other. Who of the two steps outside is a matter of who goes forward; to the couple it is the same line. Only in
 * closed hold: at arm's length there is room on every side.
 */
public enum Line {
    IN_LINE("in line"),
    OUTSIDE_RIGHT("outside on the right side"),
    OUTSIDE_LEFT("outside on the left side");

    private final String wording;

    Line(String wording) {
        this.wording = wording;
    }

    public String wording() {
        return wording;
    }

    /** As the first steps say, else the position before them. */
    static Line entering(Figure figure) {
        return of(figure.man().steps().get(0), figure.lady().steps().get(0))
                .orElse(of(figure.start().position()));
    }

    /** As the last steps leave them, else the position after them. */
    static Line leaving(Figure figure) {
        return of(last(figure.man().steps()), last(figure.lady().steps()))
                .orElse(of(figure.end().position()));
    }

    private static Step last(List<Step> steps) {
        return steps.get(steps.size() - 1);
    }

    private static Optional<Line> of(Step his, Step hers) {
        return Stream.of(his, hers)
                .flatMap(step -> Moments.passing(step).stream())
                .findFirst()
                .map(Line::of);
    }

    private static Line of(Position position) {
        return switch (position) {
            case OUTSIDE_RIGHT -> OUTSIDE_RIGHT;
            case OUTSIDE_LEFT -> OUTSIDE_LEFT;
            default -> IN_LINE;
        };
    }
}
