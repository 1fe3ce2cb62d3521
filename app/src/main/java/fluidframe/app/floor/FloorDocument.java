package fluidframe.app.floor;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Obstacle;
import fluidframe.core.space.Point;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * A room in metres. Its first side runs along x, with the wall at y = 0 and the room's corner at the origin; start is
 * where the man stands at the beginning, absent for the usual place.
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Floor")
public record FloorDocument(
        @Schema(minimum = "" + Floor.SMALLEST, maximum = "" + Floor.LARGEST)
        double length,

        @Schema(minimum = "" + Floor.SMALLEST, maximum = "" + Floor.LARGEST)
        double width,

        PointDocument start,
        List<@Valid @NotNull(message = "an obstacle") ObstacleDocument> obstacles) {

    /** A point on the floor. */
    @Schema(name = "Point")
    public record PointDocument(double x, double y) {

        static PointDocument of(Point point) {
            return new PointDocument(point.x(), point.y());
        }
    }

    /** What stands on the floor, with its corner nearest the room's. */
    @Schema(name = "Obstacle")
    public record ObstacleDocument(
            @Schema(maxLength = Floors.LONGEST_TITLE) @NotNull(message = "what it is")
            String title,

            double x,
            double y,
            double length,
            double width) {

        static ObstacleDocument of(Obstacle obstacle) {
            return new ObstacleDocument(
                    obstacle.title(), obstacle.x(), obstacle.y(), obstacle.length(), obstacle.width());
        }
    }

    public static FloorDocument of(Floor floor) {
        return new FloorDocument(
                floor.length(),
                floor.width(),
                PointDocument.of(floor.start()),
                floor.obstacles().stream().map(ObstacleDocument::of).toList());
    }
}
