package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import java.util.Collections;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Rows that may be danced several times running. Where their weight changes are odd in number, every other repeat is
 * danced as its mirror image, with the other foot.
 *
 * @param man the man's rows
 * @param lady the lady's rows
 * @param times how often the unit may be danced in all, never empty; once is the figure as charted
 */
public record RepeatUnit(Rows man, Rows lady, SortedSet<Integer> times) {

    public RepeatUnit {
        times = Collections.unmodifiableSortedSet(new TreeSet<>(times));
        if (times.isEmpty() || times.first() < 1) {
            throw new IllegalArgumentException(FigureSentences.aUnitIsDancedAtLeast());
        }
    }

    public Rows rows(Part part) {
        return part == Part.MAN ? man : lady;
    }

    public RepeatUnit withTimes(SortedSet<Integer> other) {
        return new RepeatUnit(man, lady, other);
    }
}
