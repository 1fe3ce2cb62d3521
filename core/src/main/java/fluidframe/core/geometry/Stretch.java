package fluidframe.core.geometry;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Moment;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;

/**
 * Rows of a figure that are solved together. Ordinary figures are one stretch; a long one, a unit repeated many times
 * or a walk of sixty-four bars, is parted where both place a foot, since the work grows with the third power of the
 * rows and rows far apart hardly speak to each other.
 *
 * @param moments the onsets in it
 * @param manFrom the man's first row
 * @param manTo the row after his last
 * @param ladyFrom the lady's first row
 * @param ladyTo the row after her last
 * @param ends whether the figure ends with it
 */
record Stretch(List<Moment> moments, int manFrom, int manTo, int ladyFrom, int ladyTo, boolean ends) {

    /** No charted figure has more onsets. */
    private static final int MOST_MOMENTS = 64;

    static List<Stretch> of(List<Moment> moments) {
        List<Stretch> stretches = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= moments.size(); i++) {
            boolean ends = i == moments.size();
            if (ends || i - from >= MOST_MOMENTS && moments.get(i).isShared()) {
                stretches.add(of(moments.subList(from, i), stretches, ends));
                from = i;
            }
        }
        return stretches;
    }

    private static Stretch of(List<Moment> moments, List<Stretch> before, boolean ends) {
        Moment last = moments.get(moments.size() - 1);
        int manFrom = before.isEmpty() ? 0 : before.get(before.size() - 1).manTo();
        int ladyFrom = before.isEmpty() ? 0 : before.get(before.size() - 1).ladyTo();
        return new Stretch(List.copyOf(moments), manFrom, last.manDone() + 1, ladyFrom, last.ladyDone() + 1, ends);
    }

    int from(Part part) {
        return part == Part.MAN ? manFrom : ladyFrom;
    }

    private int to(Part part) {
        return part == Part.MAN ? manTo : ladyTo;
    }

    Chart chart(Chart whole) {
        return new Chart(whole.part(), whole.steps().subList(from(whole.part()), to(whole.part())));
    }

    Timing timing(Part part, Timing whole) {
        return new Timing(whole.rhythm(), whole.start(), whole.slots().subList(from(part), to(part)), whole.length());
    }

    TurnAccount account(Part part, TurnAccount whole) {
        int from = from(part);
        return new TurnAccount(
                from == 0 ? whole.start() : whole.entries().get(from).before(),
                whole.entries().subList(from, to(part)));
    }
}
