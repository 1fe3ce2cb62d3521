package fluidframe.core.figure;

import fluidframe.core.couple.Relation;
import fluidframe.core.space.Alignment;
import fluidframe.core.step.Step;
import java.util.SortedMap;
import java.util.TreeMap;

/** A figure seen in a mirror that stands along the line of dance: every left becomes right. It is its own inverse. */
public final class MirrorImage {

    private MirrorImage() {}

    public static Figure of(Figure figure) {
        Variants variants = figure.variants();
        return figure.withCharts(of(figure.man()), of(figure.lady()))
                .withStart(of(figure.start()))
                .withEnd(of(figure.end()))
                .withStartAlignments(figure.startAlignments().stream()
                        .map(Alignment::mirrored)
                        .toList())
                .withVariants(new Variants(
                        variants.timings(),
                        variants.splits(),
                        variants.finishes().stream().map(MirrorImage::of).toList(),
                        variants.repeat(),
                        variants.manSchool(),
                        variants.ladySchool(),
                        variants.schools().stream().map(MirrorImage::of).toList(),
                        variants.entries().stream().map(MirrorImage::of).toList(),
                        variants.usage()));
    }

    public static Chart of(Chart chart) {
        return new Chart(
                chart.part(), chart.steps().stream().map(Step::mirrored).toList());
    }

    private static Relation of(Relation relation) {
        return new Relation(relation.position().mirrored(), relation.hold().mirrored(), relation.proximity());
    }

    private static Variation of(Variation variation) {
        return new Variation(
                variation.name(),
                rows(variation.man()),
                rows(variation.lady()),
                variation.start().map(MirrorImage::of),
                variation.end().map(MirrorImage::of));
    }

    private static SortedMap<Integer, Step> rows(SortedMap<Integer, Step> rows) {
        SortedMap<Integer, Step> mirrored = new TreeMap<>();
        rows.forEach((row, step) -> mirrored.put(row, step.mirrored()));
        return mirrored;
    }
}
