package fluidframe.core.drawing;

import fluidframe.core.motion.Motion;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Obstacle;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.space.Point;
import java.util.ArrayList;
import java.util.List;

/** A routine's way over its floor at 1 : 50: one line for each side of the room, a number where each figure begins. */
public final class FloorPlan {

    private static final int SCALE = 50;
    private static final double MARGIN = 0.5;
    private static final double PIECE = 0.25;
    /** One for each side of the room in turn; told apart in grey as well, every second one being dashed. */
    private static final List<String> SIDES = List.of("#1f6b5c", "#b98a2f", "#b4452f", "#5e564b");

    private FloorPlan() {}

    /** @return an SVG document, one metre being 20 mm */
    public static String of(Score score) {
        Floor floor = score.routine().floor();
        Sheet sheet = new Sheet(
                score.routine().title(),
                new Point(-MARGIN, -MARGIN),
                floor.length() + 2 * MARGIN,
                floor.width() + 2 * MARGIN,
                SCALE);
        sheet.rectangle(Point.ORIGIN, floor.length(), floor.width(), "#f4ecdf", Sheet.SOFT, 1);
        for (int metre = 1; metre < floor.length(); metre++) {
            sheet.line(List.of(new Point(metre, 0), new Point(metre, floor.width())), Sheet.LINE, 0.2, false);
        }
        for (int metre = 1; metre < floor.width(); metre++) {
            sheet.line(List.of(new Point(0, metre), new Point(floor.length(), metre)), Sheet.LINE, 0.2, false);
        }
        for (Obstacle obstacle : floor.obstacles()) {
            sheet.rectangle(
                    new Point(obstacle.x(), obstacle.y()),
                    obstacle.length(),
                    obstacle.width(),
                    Sheet.LINE,
                    Sheet.SOFT,
                    0.5);
            sheet.label(new Point(obstacle.x(), obstacle.y()), 1, -1.5, obstacle.title(), Sheet.INK);
        }
        score.motion().ifPresent(motion -> way(score, motion, sheet));
        sheet.label(new Point(0, 0), 2, 6, DrawingSentences.wallOfSide1LineOf(), Sheet.SOFT);
        return sheet.finished(
                DrawingSentences.floorOfM(score.routine().title(), metres(floor.length()), metres(floor.width())));
    }

    private static void way(Score score, Motion motion, Sheet sheet) {
        for (int i = 0; i < score.placements().size(); i++) {
            ScoredPlacement placement = score.placements().get(i);
            double begin = placement.onset().toDouble();
            double end = begin + placement.length().toDouble();
            List<Point> points = new ArrayList<>();
            for (double beat = begin; beat <= end; beat += PIECE) {
                points.add(motion.man()
                        .body()
                        .at(beat)
                        .midpoint(motion.lady().body().at(beat)));
            }
            sheet.line(points, SIDES.get(placement.side() % SIDES.size()), 0.9, placement.side() % 2 == 1);
            sheet.circle(points.get(0), 0.05, Sheet.GROUND, Sheet.INK, 0.3);
            sheet.label(points.get(0), 1.4, -1.4, String.valueOf(i + 1), Sheet.INK);
        }
    }

    private static String metres(double metres) {
        return metres == Math.rint(metres) ? String.valueOf((int) metres) : String.valueOf(metres);
    }
}
