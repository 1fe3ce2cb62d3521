package fluidframe.core.room;

import fluidframe.core.couple.Part;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Obstacle;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.space.Point;
import fluidframe.core.time.Rhythm;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A routine held against a room.
 *
 * @param collisions where the couple would hit a wall or an obstacle, each once for every figure
 * @param sides what is used of each side, in the order danced
 * @param distance metres the couple cover
 * @param length metres the room must have along the first side for this routine, begun in the right place
 * @param width metres it must have across
 * @param circles figures that go round a centre
 * @param corners where a corner could be turned that is not
 * @param way the couple take, to be drawn small
 */
public record RoomReport(
        List<Collision> collisions,
        List<SideUse> sides,
        double distance,
        double length,
        double width,
        List<Circle> circles,
        List<CornerProposal> corners,
        FloorWay way) {

    /** How near a wall the middle of a body can come: half the shoulders and an elbow. */
    public static final double ELBOW_ROOM = 0.35;

    public RoomReport {
        collisions = List.copyOf(collisions);
        sides = List.copyOf(sides);
        circles = List.copyOf(circles);
        corners = List.copyOf(corners);
    }

    public static RoomReport of(Score score) {
        Floor floor = score.routine().floor();
        CouplePath path = new CouplePath(score);
        List<Circle> circles = new ArrayList<>();
        for (int i = 0; i < score.placements().size(); i++) {
            Stopping.check();
            Circles.of(i, path).ifPresent(circles::add);
        }
        return new RoomReport(
                collisions(score, floor, path),
                sides(score, floor, path),
                path.length(),
                extent(path, true),
                extent(path, false),
                circles,
                new CornerProposals(score, path).best(),
                FloorWay.of(floor, path));
    }

    private static List<Collision> collisions(Score score, Floor floor, CouplePath path) {
        Map<String, Collision> worst = new LinkedHashMap<>();
        Rhythm rhythm = score.routine().dance().rhythm();
        for (CouplePath.Spot spot : path.spots()) {
            for (Part part : Part.values()) {
                hit(floor, spot.of(part)).ifPresent(hit -> {
                    int bar = (int) Math.floor((score.firstBeat().toDouble() + spot.beat()) / rhythm.beatsPerBar()) + 1;
                    worst.merge(
                            spot.index() + hit.what(),
                            new Collision(spot.index(), spot.beat(), bar, hit.what(), hit.wall(), hit.metres()),
                            (known, other) -> other.metres() > known.metres()
                                    ? new Collision(
                                            spot.index(),
                                            known.beat(),
                                            known.bar(),
                                            known.what(),
                                            known.wall(),
                                            other.metres())
                                    : known);
                });
            }
        }
        return List.copyOf(worst.values());
    }

    private record Hit(String what, boolean wall, double metres) {}

    private static Hit wall(int side, double metres) {
        return new Hit(RoomSentences.theWallOfSide(side), true, metres);
    }

    private static Optional<Hit> hit(Floor floor, Point body) {
        List<Hit> hits = new ArrayList<>(List.of(
                wall(1, ELBOW_ROOM - body.y()),
                wall(2, ELBOW_ROOM - floor.length() + body.x()),
                wall(3, ELBOW_ROOM - floor.width() + body.y()),
                wall(4, ELBOW_ROOM - body.x())));
        for (Obstacle obstacle : floor.obstacles()) {
            hits.add(new Hit(obstacle.title(), false, ELBOW_ROOM - obstacle.distanceTo(body)));
        }
        return hits.stream().filter(hit -> hit.metres() > 0).max((a, b) -> Double.compare(a.metres(), b.metres()));
    }

    private static List<SideUse> sides(Score score, Floor floor, CouplePath path) {
        List<SideUse> sides = new ArrayList<>();
        int last = score.placements().stream()
                .mapToInt(ScoredPlacement::side)
                .max()
                .orElse(-1);
        for (int side = 0; side <= last; side++) {
            int now = side;
            List<Point> centres = path.spots().stream()
                    .filter(spot -> spot.placement().side() == now)
                    .map(CouplePath.Spot::centre)
                    .toList();
            if (!centres.isEmpty()) {
                double least =
                        centres.stream().mapToDouble(at -> along(at, now)).min().orElseThrow();
                double most =
                        centres.stream().mapToDouble(at -> along(at, now)).max().orElseThrow();
                sides.add(new SideUse(
                        side, most - least, floor.along(side), floor.ahead(centres.get(centres.size() - 1), side)));
            }
        }
        return sides;
    }

    private static double along(Point at, int side) {
        return switch (side % 4) {
            case 0 -> at.x();
            case 1 -> at.y();
            case 2 -> -at.x();
            default -> -at.y();
        };
    }

    private static double extent(CouplePath path, boolean lengthwise) {
        List<Double> at = path.spots().stream()
                .flatMap(spot -> List.of(spot.man(), spot.lady()).stream())
                .map(point -> lengthwise ? point.x() : point.y())
                .toList();
        double least = at.stream().mapToDouble(Double::doubleValue).min().orElse(0);
        double most = at.stream().mapToDouble(Double::doubleValue).max().orElse(0);
        return at.isEmpty() ? 0 : most - least + 2 * ELBOW_ROOM;
    }
}
