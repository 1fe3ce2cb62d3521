package fluidframe.core.routine;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import com.github.difflib.patch.DeltaType;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Two versions of a routine laid side by side, so that as many placements as can be stand beside their like.
 *
 * @param lines from the first placement to the last
 */
public record RoutineDifference(List<Line> lines) {

    /**
     * One place in both.
     *
     * @param before index in the first version; empty where something came in
     * @param after index in the second; empty where something went out
     * @param same whether it is danced alike in both
     */
    public record Line(Optional<Integer> before, Optional<Integer> after, boolean same) {}

    public RoutineDifference {
        lines = List.copyOf(lines);
    }

    public static RoutineDifference between(Routine before, Routine after) {
        List<Line> lines = new ArrayList<>();
        for (AbstractDelta<String> delta :
                DiffUtils.diff(keys(before), keys(after), true).getDeltas()) {
            int from = delta.getSource().getPosition();
            int to = delta.getTarget().getPosition();
            for (int i = 0; i < delta.getSource().size(); i++) {
                lines.add(
                        delta.getType() == DeltaType.EQUAL
                                ? new Line(
                                        Optional.of(from + i),
                                        Optional.of(to + i),
                                        before.placements()
                                                .get(from + i)
                                                .equals(after.placements().get(to + i)))
                                : new Line(Optional.of(from + i), Optional.empty(), false));
            }
            if (delta.getType() != DeltaType.EQUAL) {
                IntStream.range(to, to + delta.getTarget().size())
                        .forEach(index -> lines.add(new Line(Optional.empty(), Optional.of(index), false)));
            }
        }
        return new RoutineDifference(lines);
    }

    private static List<String> keys(Routine routine) {
        return routine.placements().stream()
                .map(placement -> placement.item().key())
                .toList();
    }
}
