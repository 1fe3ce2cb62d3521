package fluidframe.app.routines;

import fluidframe.core.room.FloorWay;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.stream.Stream;

/**
 * The way of a couple over their floor, to be drawn small.
 *
 * @param length metres of the room along its first side
 * @param width metres across
 * @param points metres along and across by turns, from the first beat to the last
 */
@Schema(name = "FloorWay")
public record WayDocument(double length, double width, List<Double> points) {

    private static final double TENTHS = 10;

    public static WayDocument of(FloorWay way) {
        return new WayDocument(
                way.floor().length(),
                way.floor().width(),
                way.points().stream()
                        .flatMap(point -> Stream.of(rounded(point.x()), rounded(point.y())))
                        .toList());
    }

    private static double rounded(double metres) {
        return Math.round(metres * TENTHS) / TENTHS;
    }
}
