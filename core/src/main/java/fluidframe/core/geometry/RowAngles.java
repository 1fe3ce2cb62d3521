package fluidframe.core.geometry;

import fluidframe.core.figure.TurnAccount;
import java.util.ArrayList;
import java.util.List;

/**
 * Where a dancer's foot and body look on one row, radians in the room. Unlike headings they go on counting past a whole
 * turn, so that a half turn to the right is told from one to the left.
 *
 * @param placed where the stepping foot points when it arrives
 * @param after the same once the turn on the foot is done
 * @param body where the body looks then
 */
record RowAngles(double placed, double after, double body) {

    /**
     * @param turnedBy radians by which the figure is rotated from how its charts are written
     * @param from where the dancer's body looks before the first row
     */
    static List<RowAngles> of(TurnAccount account, double turnedBy, double from) {
        List<RowAngles> rows = new ArrayList<>();
        double foot = near(account.start().radians() + turnedBy, from);
        for (TurnAccount.Entry entry : account.entries()) {
            double placed = near(
                    entry.placed().radians() + turnedBy, foot + entry.between().radians());
            foot = placed + entry.on().radians();
            rows.add(new RowAngles(placed, foot, near(entry.body().radians() + turnedBy, foot)));
        }
        return rows;
    }

    /** The same direction, written no more than half a turn from another angle. */
    static double near(double angle, double other) {
        return other + Math.IEEEremainder(angle - other, 2 * Math.PI);
    }
}
