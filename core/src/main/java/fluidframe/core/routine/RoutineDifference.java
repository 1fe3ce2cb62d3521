package fluidframe.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
     * @param after  index in the second; empty where something went out
     * @param same   whether it is danced alike in both
     */
    public record Line(Optional<Integer> before, Optional<Integer> after, boolean same) {
    }

    public RoutineDifference {
        lines = List.copyOf(lines);
    }

    public static RoutineDifference between(Routine before, Routine after) {
        List<Placement> a = before.placements();
        List<Placement> b = after.placements();
        int[][] common = new int[a.size() + 1][b.size() + 1];
        for (int i = a.size() - 1; i >= 0; i--) {
            for (int j = b.size() - 1; j >= 0; j--) {
                common[i][j] = isLike(a.get(i), b.get(j)) ? common[i + 1][j + 1] + 1 : Math.max(common[i + 1][j], common[i][j + 1]);
            }
        }
        List<Line> lines = new ArrayList<>();
        int i = 0;
        int j = 0;
        while (i < a.size() || j < b.size()) {
            if (i < a.size() && j < b.size() && isLike(a.get(i), b.get(j))) {
                lines.add(new Line(Optional.of(i), Optional.of(j), isSame(a.get(i++), b.get(j++))));
            } else if (j >= b.size() || i < a.size() && common[i + 1][j] >= common[i][j + 1]) {
                lines.add(new Line(Optional.of(i++), Optional.empty(), false));
            } else {
                lines.add(new Line(Optional.empty(), Optional.of(j++), false));
            }
        }
        return new RoutineDifference(lines);
    }

    private static boolean isLike(Placement a, Placement b) {
        return a.item().key().equals(b.item().key());
    }

    private static boolean isSame(Placement a, Placement b) {
        return a.equals(b);
    }
}
