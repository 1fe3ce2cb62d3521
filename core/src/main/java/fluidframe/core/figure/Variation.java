package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * Another way of dancing some rows of a figure: another entry, a finish turned less or more, or a school's body action.
 *
 * @param name what coaches call it
 * @param man the man's rows that differ, by row from 0
 * @param lady the lady's rows that differ
 * @param start position and hold before it, where they differ
 * @param end position and hold after it, where they differ
 */
public record Variation(
        String name,
        SortedMap<Integer, Step> man,
        SortedMap<Integer, Step> lady,
        Optional<Relation> start,
        Optional<Relation> end) {

    public Variation {
        man = Collections.unmodifiableSortedMap(new TreeMap<>(man));
        lady = Collections.unmodifiableSortedMap(new TreeMap<>(lady));
    }

    public SortedMap<Integer, Step> rows(Part part) {
        return part == Part.MAN ? man : lady;
    }

    /** The figure danced this way. */
    public Figure applyTo(Figure figure) {
        return figure.withCharts(changed(figure.man()), changed(figure.lady()))
                .withStart(start.orElse(figure.start()))
                .withEnd(end.orElse(figure.end()));
    }

    private Chart changed(Chart chart) {
        List<Step> steps = new ArrayList<>(chart.steps());
        for (Map.Entry<Integer, Step> row : rows(chart.part()).entrySet()) {
            steps.set(row.getKey(), row.getValue());
        }
        return new Chart(chart.part(), steps);
    }
}
