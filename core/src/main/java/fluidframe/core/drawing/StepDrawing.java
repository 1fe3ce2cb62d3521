package fluidframe.core.drawing;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.geometry.CoupleFit;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.geometry.Footprint;
import fluidframe.core.geometry.Stance;
import fluidframe.core.space.Point;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;

/** A figure's steps at 1 : 10, each print as large as a foot and numbered as its row. */
public final class StepDrawing {

    private static final int SCALE = 10;
    private static final double MARGIN = 0.35;

    private StepDrawing() {}

    /** One print of one dancer. */
    private record Numbered(Part part, boolean left, Footprint foot, String number) {}

    /**
     * @return an SVG document, one metre being 100 mm
     * @throws fluidframe.core.time.CountException if a count cannot be laid on the figure's length
     */
    public static String of(Figure figure) {
        CoupleStances stances = CoupleFit.solve(figure, figure.timing(Part.MAN), figure.timing(Part.LADY));
        List<Numbered> prints = new ArrayList<>();
        for (Part part : Part.values()) {
            Stance start = stances.start().of(part);
            prints.add(new Numbered(part, true, start.left(), ""));
            prints.add(new Numbered(part, false, start.right(), ""));
            add(prints, figure.chart(part), stances.of(part));
        }
        double left = prints.stream()
                        .mapToDouble(print -> print.foot().at().x())
                        .min()
                        .orElse(0)
                - MARGIN;
        double right = prints.stream()
                        .mapToDouble(print -> print.foot().at().x())
                        .max()
                        .orElse(0)
                + MARGIN;
        double low = prints.stream()
                        .mapToDouble(print -> print.foot().at().y())
                        .min()
                        .orElse(0)
                - MARGIN;
        double high = prints.stream()
                        .mapToDouble(print -> print.foot().at().y())
                        .max()
                        .orElse(0)
                + MARGIN;
        Sheet sheet = new Sheet(figure.title(), new Point(left, low), right - left, high - low, SCALE);
        prints.forEach(print -> sheet.print(print.part(), print.left(), print.foot(), print.number()));
        return sheet.finished(DrawingSentences.manSolidLadyOutlinedLineOf(figure.title()));
    }

    private static void add(List<Numbered> prints, Chart chart, List<Stance> stances) {
        for (int row = 0; row < stances.size(); row++) {
            Step step = chart.steps().get(row);
            String number = String.valueOf(row + 1);
            Stance stance = stances.get(row);
            boolean lands = step.footPosition().isPresent();
            if (lands && step.foot().filter(foot -> foot != Foot.RIGHT).isPresent()) {
                prints.add(new Numbered(chart.part(), true, stance.left(), number));
            }
            if (lands && step.foot().filter(foot -> foot != Foot.LEFT).isPresent()) {
                prints.add(new Numbered(chart.part(), false, stance.right(), number));
            }
        }
    }
}
