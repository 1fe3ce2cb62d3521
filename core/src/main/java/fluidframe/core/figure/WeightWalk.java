package fluidframe.core.figure;

import fluidframe.core.step.Action;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Walks a chart from row to row with the weight, and notes every row that uses a foot which is not free, telling apart
 * a foot used twice running from a tap that was taken for a step. A row that slips is believed where the rows after it
 * go on from it; where they go on from the other foot, the cell itself is the slip.
 */
public final class WeightWalk {

    /**
     * A row whose foot is not free.
     *
     * @param step the row
     * @param foot the foot it uses
     * @param touchedRow the row without weight just before it, if that is what misled
     */
    public record Slip(int step, Foot foot, Optional<Integer> touchedRow) {}

    private WeightWalk() {}

    public static List<Slip> slips(Chart chart) {
        List<Slip> slips = new ArrayList<>();
        Optional<Foot> carrying = Optional.empty();
        Optional<Integer> touchedRow = Optional.empty();
        for (int i = 0; i < chart.steps().size(); i++) {
            Step step = chart.steps().get(i);
            Optional<Foot> foot = step.foot().filter(f -> f != Foot.BOTH);
            boolean slip =
                    foot.isPresent() && carrying.equals(foot) && !step.does(Action.HOP) && !step.does(Action.SAME_FOOT);
            if (slip) {
                slips.add(new Slip(i, foot.get(), touchedRow));
            }
            if (step.weight() == Weight.NONE) {
                if (foot.isPresent()) {
                    carrying = carrying.or(() -> foot.map(Foot::other));
                    touchedRow = Optional.of(i);
                }
            } else {
                Optional<Foot> onto = slip && nextFoot(chart, i).equals(foot) ? foot.map(Foot::other) : foot;
                carrying = step.weight() == Weight.FULL ? onto : Optional.empty();
                touchedRow = Optional.empty();
            }
        }
        return slips;
    }

    private static Optional<Foot> nextFoot(Chart chart, int row) {
        return row + 1 < chart.steps().size() ? chart.steps().get(row + 1).foot() : Optional.empty();
    }
}
