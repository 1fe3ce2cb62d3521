package fluidframe.core.notation;

import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.space.Alignment;
import fluidframe.core.step.Step;
import fluidframe.core.text.Fraction;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Writes a figure as text in canonical shorthand. */
public final class DraftWriter {

    private DraftWriter() {
    }

    public static FigureDraft write(Figure figure) {
        return new FigureDraft(figure.id(), figure.dance().id(), figure.title(), figure.level().shorthand(),
                new Fraction(figure.length().ticks(), figure.dance().rhythm().bar().ticks()).toString(),
                relation(figure.start()), relation(figure.end()),
                figure.startAlignments().stream().map(Alignment::toString).toList(), figure.insistsOnAlignment(),
                rows(figure.man()), rows(figure.lady()),
                figure.timings().stream().map(timing -> new FigureDraft.TimingDraft(timing.name(), timing.man().toString(), timing.lady().toString())).toList(),
                figure.splits().stream().map(split -> new FigureDraft.SplitDraft(split.name(), split.first(), split.last())).toList(),
                figure.neighbours().follows(), figure.neighbours().precedes(), figure.teaching().cues(),
                figure.teaching().faults(), figure.teaching().drills(),
                figure.teaching().cautions().stream().map(Caution::shorthand).toList(), figure.sameFoot());
    }

    private static FigureDraft.RelationDraft relation(Relation relation) {
        return new FigureDraft.RelationDraft(relation.position().shorthand(), relation.hold().shorthand());
    }

    private static List<RowDraft> rows(Chart chart) {
        return chart.steps().stream().map(DraftWriter::row).toList();
    }

    public static RowDraft row(Step step) {
        Map<Column, String> cells = new EnumMap<>(Column.class);
        for (Column column : Column.values()) {
            cells.put(column, column.shorthand(step));
        }
        return new RowDraft(cells);
    }
}
