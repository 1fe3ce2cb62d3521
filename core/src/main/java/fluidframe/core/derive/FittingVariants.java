package fluidframe.core.derive;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Variants;
import fluidframe.core.figure.Variation;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;

/**
 * The other ways a figure may be danced, once one of its charts has other rows: what they say of rows that there are no
 * longer is left out, and said.
 *
 * @param variants without what does not fit
 * @param leftOut each row of each way that is left out
 */
public record FittingVariants(Variants variants, List<LeftOut> leftOut) {

    /**
     * What a way said of a row that there is not.
     *
     * @param way its name
     * @param row from 1
     * @param rows how many there are
     */
    public record LeftOut(String way, int row, int rows) {}

    public FittingVariants {
        leftOut = List.copyOf(leftOut);
    }

    /** @param derived the chart that takes the place of the figure's own of its part */
    public static FittingVariants of(Figure figure, Chart derived) {
        List<LeftOut> leftOut = new ArrayList<>();
        Variants usual = figure.variants();
        return new FittingVariants(
                new Variants(
                        usual.timings(),
                        usual.splits(),
                        fitting(usual.finishes(), derived, leftOut),
                        usual.repeat(),
                        usual.manSchool(),
                        usual.ladySchool(),
                        fitting(usual.schools(), derived, leftOut),
                        fitting(usual.entries(), derived, leftOut),
                        usual.usage()),
                leftOut);
    }

    private static List<Variation> fitting(List<Variation> variations, Chart derived, List<LeftOut> leftOut) {
        int rows = derived.steps().size();
        return variations.stream()
                .map(variation -> {
                    SortedMap<Integer, Step> changed = variation.rows(derived.part());
                    changed.tailMap(rows)
                            .keySet()
                            .forEach(row -> leftOut.add(new LeftOut(variation.name(), row + 1, rows)));
                    SortedMap<Integer, Step> left = changed.headMap(rows);
                    boolean his = derived.part() == Part.MAN;
                    return new Variation(
                            variation.name(),
                            his ? left : variation.man(),
                            his ? variation.lady() : left,
                            variation.start(),
                            variation.end());
                })
                .toList();
    }
}
