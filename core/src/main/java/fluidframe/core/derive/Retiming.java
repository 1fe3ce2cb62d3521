package fluidframe.core.derive;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Count;
import fluidframe.core.time.CountException;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;

/**
 * The same rows laid on another count, with what changes.
 *
 * @param figure the figure on the new count; its length follows the count where that is in words
 * @param changes the rows that begin or last otherwise than before
 */
public record Retiming(Figure figure, List<Change> changes) {

    /**
     * One row that changes.
     *
     * @param row the row, from 0
     * @param before its mark, onset and length before
     * @param after and afterwards
     */
    public record Change(Part part, int row, Slot before, Slot after) {}

    public Retiming {
        changes = List.copyOf(changes);
    }

    /**
     * @throws CountException if a count has another number of marks than the chart has rows, or means nothing in the
     *     dance
     */
    public static Retiming of(Figure figure, Count man, Count lady) {
        Beats length = length(figure, man);
        Figure retimed = figure.withCharts(
                        figure.man().counted(man), figure.lady().counted(lady))
                .withLength(length);
        List<Change> changes = new ArrayList<>();
        for (Part part : Part.values()) {
            Timing before = figure.timing(part);
            Timing after = retimed.chart(part).timing(figure.rhythm(), length);
            for (int row = 0; row < before.slots().size(); row++) {
                Slot was = before.slots().get(row);
                Slot is = after.slots().get(row);
                if (!was.onset().equals(is.onset()) || !was.length().equals(is.length())) {
                    changes.add(new Change(part, row, was, is));
                }
            }
        }
        return new Retiming(retimed, changes);
    }

    private static Beats length(Figure figure, Count count) {
        Timing timing = Timing.of(figure.rhythm(), count, figure.length());
        return timing.inWords() ? timing.length() : figure.length();
    }
}
