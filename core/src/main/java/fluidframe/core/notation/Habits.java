package fluidframe.core.notation;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.step.Step;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What usually stands in a cell of a dance, by where the foot goes on that step and by what stands in the row above.
 */
public final class Habits {

    public static final Habits NONE = new Habits();

    /** How much the foot position of the step, the row above and the dance as a whole count. */
    private static final double OF_THE_STEP = 1;

    private static final double OF_THE_ROW_ABOVE = 0.6;
    private static final double OF_THE_DANCE = 0.2;

    private final Map<Column, Map<String, Map<String, Integer>>> counts = new EnumMap<>(Column.class);

    private Habits() {}

    public static Habits of(List<Figure> figures) {
        Habits habits = new Habits();
        for (Figure figure : figures) {
            for (Part part : Part.values()) {
                habits.add(figure.chart(part).steps());
            }
        }
        return habits;
    }

    private void add(List<Step> steps) {
        for (int row = 0; row < steps.size(); row++) {
            String position = Column.FOOT_POSITION.shorthand(steps.get(row));
            for (Column column : Column.values()) {
                String text = column.shorthand(steps.get(row));
                if (column.isNotation() && !text.isEmpty()) {
                    count(column, step(position), text);
                    count(column, above(row == 0 ? "" : column.shorthand(steps.get(row - 1))), text);
                    count(column, "", text);
                }
            }
        }
    }

    private static String step(String position) {
        return "step " + position;
    }

    private static String above(String text) {
        return "above " + text;
    }

    private void count(Column column, String where, String text) {
        counts.computeIfAbsent(column, added -> new HashMap<>())
                .computeIfAbsent(where, added -> new HashMap<>())
                .merge(text, 1, Integer::sum);
    }

    /** How usual a text is in a cell, from 0 for never. */
    double usual(Column column, String text, String position, String before) {
        return OF_THE_STEP * share(column, step(position), text)
                + OF_THE_ROW_ABOVE * share(column, above(before), text)
                + OF_THE_DANCE * share(column, "", text);
    }

    private double share(Column column, String where, String text) {
        Map<String, Integer> there = counts.getOrDefault(column, Map.of()).getOrDefault(where, Map.of());
        int all = there.values().stream().mapToInt(Integer::intValue).sum();
        return all == 0 ? 0 : (double) there.getOrDefault(text, 0) / all;
    }

    /** The most usual texts of a cell, the most usual first. */
    List<String> mostUsual(Column column, String position, String before, int most) {
        return counts.getOrDefault(column, Map.of()).getOrDefault("", Map.of()).keySet().stream()
                .sorted(Comparator.comparingDouble((String text) -> -usual(column, text, position, before))
                        .thenComparing(Comparator.naturalOrder()))
                .limit(most)
                .toList();
    }
}
