package fluidframe.core.book;

import fluidframe.core.audit.Severity;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import java.util.List;

/**
 * A book of figures, dance by dance in the order of the catalogue.
 *
 * @param dances the dances it has figures of
 */
public record BookReport(List<DanceReport> dances) {

    public BookReport {
        dances = List.copyOf(dances);
    }

    public static BookReport of(List<Figure> figures) {
        return new BookReport(Dances.all().stream()
                .map(dance -> DanceReport.of(
                        dance,
                        figures.stream()
                                .filter(figure -> figure.dance().id().equals(dance.id()))
                                .toList()))
                .filter(report -> report.size() > 0)
                .toList());
    }

    public int figures() {
        return dances.stream().mapToInt(DanceReport::size).sum();
    }

    public int count(Severity severity) {
        return dances.stream().mapToInt(report -> report.count(severity)).sum();
    }

    /** How many figures can follow a figure with nothing bent, on average over the whole book. */
    public double holdingPerFigure() {
        return dances.stream()
                        .mapToDouble(report -> report.holdingPerFigure() * report.size())
                        .sum()
                / Math.max(1, figures());
    }
}
