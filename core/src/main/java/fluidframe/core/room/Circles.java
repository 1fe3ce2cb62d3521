package fluidframe.core.room;

import fluidframe.core.couple.Part;
import fluidframe.core.space.Point;
import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealVector;

/**
 * Finds the centre a figure goes round: the one point from which his way and hers are both most nearly circles. Who
 * moves on by more than that, or turns less than half round, does not circle.
 */
final class Circles {

    private static final double OFF_CIRCLE = 0.12;
    private static final double LARGEST = 3;
    private static final double HALF_ROUND = Math.PI;
    private static final double SINGULAR = 1e-9;

    private Circles() {}

    static Optional<Circle> of(int index, CouplePath path) {
        List<CouplePath.Spot> spots = path.of(index);
        return centre(spots)
                .map(centre ->
                        new Circle(index, centre, radius(spots, Part.MAN, centre), radius(spots, Part.LADY, centre)))
                .filter(circle -> circle.man() < LARGEST && circle.lady() < LARGEST)
                .filter(circle -> isRound(spots, Part.MAN, circle.centre(), circle.man())
                        && isRound(spots, Part.LADY, circle.centre(), circle.lady()))
                .filter(circle ->
                        Math.max(swept(spots, Part.MAN, circle.centre()), swept(spots, Part.LADY, circle.centre()))
                                >= HALF_ROUND);
    }

    /** Least squares of x² + y² = 2·centre·(x, y) + a constant of his and one of hers. */
    private static Optional<Point> centre(List<CouplePath.Spot> spots) {
        double[][] rows = new double[2 * spots.size()][];
        double[] squares = new double[2 * spots.size()];
        for (int i = 0; i < rows.length; i++) {
            Point at = spots.get(i / 2).of(i % 2 == 0 ? Part.MAN : Part.LADY);
            rows[i] = new double[] {2 * at.x(), 2 * at.y(), i % 2 == 0 ? 1 : 0, i % 2 == 0 ? 0 : 1};
            squares[i] = at.x() * at.x() + at.y() * at.y();
        }
        if (rows.length < 4) {
            return Optional.empty();
        }
        DecompositionSolver solver = new QRDecomposition(new Array2DRowRealMatrix(rows, false), SINGULAR).getSolver();
        if (!solver.isNonSingular()) {
            return Optional.empty();
        }
        RealVector solved = solver.solve(new ArrayRealVector(squares, false));
        return Optional.of(new Point(solved.getEntry(0), solved.getEntry(1)));
    }

    private static double radius(List<CouplePath.Spot> spots, Part part, Point centre) {
        return spots.stream()
                .mapToDouble(spot -> spot.of(part).distanceTo(centre))
                .average()
                .orElse(0);
    }

    private static boolean isRound(List<CouplePath.Spot> spots, Part part, Point centre, double radius) {
        return spots.stream()
                .allMatch(
                        spot -> Math.abs(spot.of(part).distanceTo(centre) - radius) < Math.max(OFF_CIRCLE, radius / 3));
    }

    private static double swept(List<CouplePath.Spot> spots, Part part, Point centre) {
        double swept = 0;
        for (int i = 1; i < spots.size(); i++) {
            swept += Math.IEEEremainder(
                    angle(spots.get(i).of(part), centre)
                            - angle(spots.get(i - 1).of(part), centre),
                    2 * Math.PI);
        }
        return Math.abs(swept);
    }

    private static double angle(Point at, Point centre) {
        return Math.atan2(at.y() - centre.y(), at.x() - centre.x());
    }
}
