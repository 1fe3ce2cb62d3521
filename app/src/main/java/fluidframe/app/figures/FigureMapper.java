package fluidframe.app.figures;

import fluidframe.app.figures.FigureDocument.RelationDocument;
import fluidframe.app.figures.FigureDocument.RowDocument;
import fluidframe.app.figures.FigureDocument.SplitDocument;
import fluidframe.app.figures.FigureDocument.TimingDocument;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.RowDraft;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Between the open format and the core's drafts; it moves text and understands none of it. */
public final class FigureMapper {

    private FigureMapper() {
    }

    public static FigureDraft draft(FigureDocument document) {
        return new FigureDraft(document.id(), document.dance(), document.title(), document.level(), document.bars(),
                relation(document.start()), relation(document.end()), orEmpty(document.startAlignments()),
                document.insistsOnAlignment(), rows(document.man()), rows(document.lady()),
                orEmpty(document.timings()).stream().map(timing -> new FigureDraft.TimingDraft(timing.name(), timing.man(), timing.lady())).toList(),
                orEmpty(document.splits()).stream().map(split -> new FigureDraft.SplitDraft(split.name(), split.first(), split.last())).toList(),
                orEmpty(document.follows()), orEmpty(document.precedes()), orEmpty(document.cues()), orEmpty(document.faults()),
                orEmpty(document.drills()), orEmpty(document.cautions()), document.sameFoot());
    }

    /** The figure in canonical shorthand. */
    public static FigureDocument document(Figure figure) {
        FigureDraft draft = DraftWriter.write(figure);
        return new FigureDocument(draft.id(), draft.dance(), draft.title(), draft.level(), draft.bars(),
                new RelationDocument(draft.start().position(), draft.start().hold()),
                new RelationDocument(draft.end().position(), draft.end().hold()), draft.startAlignments(),
                draft.insistsOnAlignment(), draft.sameFoot(), draft.man().stream().map(FigureMapper::row).toList(),
                draft.lady().stream().map(FigureMapper::row).toList(),
                draft.timings().stream().map(timing -> new TimingDocument(timing.name(), timing.man(), timing.lady())).toList(),
                draft.splits().stream().map(split -> new SplitDocument(split.name(), split.first(), split.last())).toList(),
                draft.follows(), draft.precedes(), draft.cues(), draft.faults(), draft.drills(), draft.cautions());
    }

    private static FigureDraft.RelationDraft relation(RelationDocument relation) {
        return new FigureDraft.RelationDraft(relation.position(), relation.hold());
    }

    private static List<RowDraft> rows(List<RowDocument> rows) {
        return rows.stream().map(FigureMapper::row).toList();
    }

    private static RowDraft row(RowDocument row) {
        Map<Column, String> cells = new EnumMap<>(Column.class);
        cells.put(Column.COUNT, orBlank(row.count()));
        cells.put(Column.FOOT, orBlank(row.foot()));
        cells.put(Column.FOOT_POSITION, orBlank(row.footPosition()));
        cells.put(Column.ALIGNMENT, orBlank(row.alignment()));
        cells.put(Column.TURN, orBlank(row.turn()));
        cells.put(Column.RISE, orBlank(row.rise()));
        cells.put(Column.FOOTWORK, orBlank(row.footwork()));
        cells.put(Column.SWAY, orBlank(row.sway()));
        cells.put(Column.CBM, orBlank(row.cbm()));
        cells.put(Column.ACTION, orBlank(row.action()));
        cells.put(Column.BODY, orBlank(row.body()));
        cells.put(Column.RELATION, orBlank(row.relation()));
        cells.put(Column.NOTE, orBlank(row.note()));
        return new RowDraft(cells);
    }

    public static RowDocument row(RowDraft row) {
        return new RowDocument(row.cell(Column.COUNT), row.cell(Column.FOOT), row.cell(Column.FOOT_POSITION),
                row.cell(Column.ALIGNMENT), row.cell(Column.TURN), row.cell(Column.RISE), row.cell(Column.FOOTWORK),
                row.cell(Column.SWAY), row.cell(Column.CBM), row.cell(Column.ACTION), row.cell(Column.BODY),
                row.cell(Column.RELATION), row.cell(Column.NOTE));
    }

    private static <T> List<T> orEmpty(List<T> list) {
        return list == null ? List.of() : list;
    }

    private static String orBlank(String text) {
        return text == null ? "" : text;
    }
}
