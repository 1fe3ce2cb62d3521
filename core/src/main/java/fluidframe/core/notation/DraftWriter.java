package fluidframe.core.notation;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Proximity;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.RepeatUnit;
import fluidframe.core.figure.School;
import fluidframe.core.figure.SplitPurpose;
import fluidframe.core.figure.Usage;
import fluidframe.core.figure.Variants;
import fluidframe.core.figure.Variation;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import fluidframe.core.text.Fraction;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Writes a figure as text in canonical shorthand. */
public final class DraftWriter {

    private DraftWriter() {}

    public static FigureDraft write(Figure figure) {
        return new FigureDraft(
                figure.id(),
                figure.dance().id(),
                feel(figure),
                figure.title(),
                figure.otherNames(),
                figure.level().shorthand(),
                new Fraction(figure.length().ticks(), figure.rhythm().bar().ticks()).toString(),
                relation(figure.start()),
                relation(figure.end()),
                figure.startAlignments().stream().map(Alignment::toString).toList(),
                figure.insistsOnAlignment(),
                rows(figure.man()),
                rows(figure.lady()),
                variants(figure),
                figure.neighbours().follows(),
                figure.neighbours().precedes(),
                figure.teaching().cues(),
                figure.teaching().faults(),
                figure.teaching().drills(),
                figure.teaching().cautions().stream().map(Caution::shorthand).toList(),
                figure.teaching().lastRead().map(LocalDate::toString),
                figure.sameFoot(),
                figure.mutes(),
                List.copyOf(figure.derived()));
    }

    private static Optional<String> feel(Figure figure) {
        return figure.feel() == figure.dance().rhythm().feel()
                ? Optional.empty()
                : Optional.of(figure.feel().shorthand());
    }

    private static FigureDraft.VariantsDraft variants(Figure figure) {
        Variants variants = figure.variants();
        return new FigureDraft.VariantsDraft(
                variants.timings().stream()
                        .map(timing -> new FigureDraft.TimingDraft(
                                timing.name(),
                                timing.man().toString(),
                                timing.lady().toString()))
                        .toList(),
                variants.splits().stream()
                        .map(split -> new FigureDraft.SplitDraft(
                                split.name(),
                                split.first(),
                                split.last(),
                                split.startAlignments().stream()
                                        .map(Alignment::toString)
                                        .toList(),
                                split.purpose().map(SplitPurpose::shorthand)))
                        .toList(),
                variants.finishes().stream()
                        .map(finish -> variation(figure, finish))
                        .toList(),
                variants.repeat().map(DraftWriter::repeat),
                variants.manSchool().map(School::shorthand),
                variants.ladySchool().map(School::shorthand),
                variants.schools().stream()
                        .map(school -> variation(figure, school))
                        .toList(),
                variants.entries().stream()
                        .map(entry -> variation(figure, entry))
                        .toList(),
                usage(variants.usage()));
    }

    private static FigureDraft.UsageDraft usage(Usage usage) {
        Optional<String> curve = Optional.of(usage.curve())
                .filter(sixteenths -> sixteenths > 0)
                .map(sixteenths -> new Turn(sixteenths).sizeText());
        return new FigureDraft.UsageDraft(usage.eitherFoot(), curve, usage.opens(), usage.closes());
    }

    private static FigureDraft.RepeatDraft repeat(RepeatUnit unit) {
        boolean same = unit.man().equals(unit.lady());
        return new FigureDraft.RepeatDraft(
                unit.man().first() + 1,
                unit.man().last() + 1,
                same ? Optional.empty() : Optional.of(unit.lady().first() + 1),
                same ? Optional.empty() : Optional.of(unit.lady().last() + 1),
                RepeatTimes.write(unit.times()));
    }

    private static FigureDraft.VariationDraft variation(Figure figure, Variation variation) {
        return new FigureDraft.VariationDraft(
                variation.name(),
                changes(figure, variation, Part.MAN),
                changes(figure, variation, Part.LADY),
                variation.start().map(DraftWriter::relation),
                variation.end().map(DraftWriter::relation));
    }

    private static List<FigureDraft.RowChangeDraft> changes(Figure figure, Variation variation, Part part) {
        return variation.rows(part).entrySet().stream()
                .map(change -> new FigureDraft.RowChangeDraft(
                        change.getKey() + 1,
                        row(figure.chart(part).steps().get(change.getKey())).changesTo(row(change.getValue()))))
                .toList();
    }

    private static FigureDraft.RelationDraft relation(Relation relation) {
        return new FigureDraft.RelationDraft(
                relation.position().shorthand(),
                relation.hold().shorthand(),
                relation.proximity() == Proximity.CLOSE
                        ? Optional.empty()
                        : Optional.of(relation.proximity().shorthand()));
    }

    public static List<RowDraft> rows(Chart chart) {
        return chart.steps().stream().map(DraftWriter::row).toList();
    }

    public static RowDraft row(Step step) {
        Map<Column, String> cells = new EnumMap<>(Column.class);
        for (Column column : Column.values()) {
            cells.put(column, column.shorthand(step));
        }
        return new RowDraft(cells).filled();
    }
}
