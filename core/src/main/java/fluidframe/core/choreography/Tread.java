package fluidframe.core.choreography;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.geometry.CoupleFit;
import fluidframe.core.geometry.CoupleStance;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.geometry.StepLengths;
import fluidframe.core.link.Dancing;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The ground that both bodies tread in a figure: metres along and across the side of the room, from where the man
 * begins.
 *
 * @param bodies both bodies after every row
 * @param end where the man ends
 */
record Tread(List<Point> bodies, Point end) {

    Tread {
        bodies = List.copyOf(bodies);
    }

    private Tread turned(double radians) {
        return new Tread(bodies.stream().map(body -> body.rotated(radians)).toList(), end.rotated(radians));
    }

    /** Each figure's ground is worked out once. */
    static final class Known {

        private final StepLengths lengths;
        private final Map<Dancing, Tread> asCharted = new HashMap<>();

        Known(StepLengths lengths) {
            this.lengths = lengths;
        }

        Tread of(Dancing dancing, Heading facing) {
            Tread tread = asCharted.computeIfAbsent(dancing, each -> walked(each.danced()));
            return tread.turned(dancing.danced().startHeading().turnTo(facing).radians());
        }

        /** An element is danced otherwise each time. */
        Tread ofElement(Dancing dancing) {
            return walked(dancing.danced());
        }

        private Tread walked(Figure figure) {
            CoupleStance start = CoupleStance.standing(
                    figure.start(), Point.ORIGIN, figure.startHeading().radians());
            CoupleStances stances =
                    CoupleFit.solve(figure, figure.timing(Part.MAN), figure.timing(Part.LADY), start, 0, lengths);
            List<Point> bodies = new ArrayList<>();
            Stream.concat(stances.man().stream(), stances.lady().stream()).forEach(stance -> bodies.add(stance.body()));
            return new Tread(bodies, stances.end().man().body());
        }
    }
}
