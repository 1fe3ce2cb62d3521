package fluidframe.core.listing;

import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A routine as a list that {@link ListingReader} reads again: a figure a line, its part, variants and repeats beside
 * it, corners, sections and bars.
 */
public final class ListingWriter {

    private ListingWriter() {}

    public static String write(Routine routine) {
        List<String> lines = new ArrayList<>();
        lines.add(routine.title() + ", " + routine.dance().title() + " routine");
        for (Placement placement : routine.placements()) {
            placement
                    .section()
                    .ifPresent(section -> lines.add(
                            "\n" + section.title() + (section.times() > 1 ? " x" + section.times() : "") + ":"));
            lines.add(line(placement, routine));
        }
        return String.join("\n", lines) + "\n";
    }

    private static String line(Placement placement, Routine routine) {
        String bars = bars(placement.item().length().toDouble()
                / routine.dance().rhythm().bar().toDouble());
        String what = placement.item() instanceof Dancing dancing ? said(dancing) : said((Element) placement.item());
        return what
                + (placement.item() instanceof Dancing ? " (" + bars + ")" : "")
                + (placement.cornerAfter() ? " [corner]" : "");
    }

    private static String said(Dancing dancing) {
        String part = dancing.way().split().map(split -> split + " ").orElse("");
        String others = java.util.stream.Stream.of(
                        dancing.way().entry(),
                        dancing.way().finish(),
                        dancing.way().timing(),
                        dancing.way().school())
                .flatMap(java.util.Optional::stream)
                .reduce((a, b) -> a + " " + b)
                .map(each -> " " + each)
                .orElse("");
        String repeats = dancing.way().repeats() > 1 ? " x" + dancing.way().repeats() : "";
        return part + dancing.figure().title() + others + repeats;
    }

    private static String said(Element element) {
        return element.kind().wording() + " " + Beats.of(element.beats()).wording();
    }

    private static String bars(double bars) {
        String number = bars == Math.rint(bars) ? String.valueOf((int) bars) : String.format(Locale.ROOT, "%.1f", bars);
        return number + (bars == 1 ? " bar" : " bars");
    }
}
