package fluidframe.app.figures;

import fluidframe.app.figures.FigureDocument.MuteDocument;
import fluidframe.app.figures.FigureDocument.RelationDocument;
import fluidframe.app.figures.FigureDocument.RepeatDocument;
import fluidframe.app.figures.FigureDocument.RowChangeDocument;
import fluidframe.app.figures.FigureDocument.RowDocument;
import fluidframe.app.figures.FigureDocument.SchoolsDocument;
import fluidframe.app.figures.FigureDocument.SplitDocument;
import fluidframe.app.figures.FigureDocument.TimingDocument;
import fluidframe.app.figures.FigureDocument.VariationDocument;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Mute;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RelationDraft;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.RowChangeDraft;
import fluidframe.core.notation.FigureDraft.SplitDraft;
import fluidframe.core.notation.FigureDraft.TimingDraft;
import fluidframe.core.notation.FigureDraft.UsageDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.FigureDraft.VariationDraft;
import fluidframe.core.notation.RowDraft;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Between the open format and the core's drafts; it moves text and understands none of it. */
public final class FigureMapper {

    private FigureMapper() {}

    public static FigureDraft draft(FigureDocument document) {
        return new FigureDraft(
                document.id(),
                document.dance(),
                Optional.ofNullable(document.feel()),
                document.title(),
                orEmpty(document.otherNames()),
                document.level(),
                document.bars(),
                relation(document.start()),
                relation(document.end()),
                orEmpty(document.startAlignments()),
                document.insistsOnAlignment(),
                rows(document.man()),
                rows(document.lady()),
                variants(document),
                orEmpty(document.follows()),
                orEmpty(document.precedes()),
                orEmpty(document.cues()),
                orEmpty(document.faults()),
                orEmpty(document.drills()),
                orEmpty(document.cautions()),
                Optional.ofNullable(document.lastRead()),
                document.sameFoot(),
                each(document.mutes(), mute -> new Mute(mute.rule(), orBlank(mute.at()), mute.reason())),
                orEmpty(document.derived()));
    }

    private static VariantsDraft variants(FigureDocument document) {
        Optional<SchoolsDocument> school = Optional.ofNullable(document.school());
        return new VariantsDraft(
                each(document.timings(), timing -> new TimingDraft(timing.name(), timing.man(), timing.lady())),
                each(
                        document.splits(),
                        split -> new SplitDraft(
                                split.name(),
                                split.first(),
                                split.last(),
                                orEmpty(split.startAlignments()),
                                Optional.ofNullable(split.purpose()))),
                each(document.finishes(), FigureMapper::variation),
                Optional.ofNullable(document.repeat())
                        .map(unit -> new RepeatDraft(
                                unit.first(),
                                unit.last(),
                                Optional.ofNullable(unit.ladyFirst()),
                                Optional.ofNullable(unit.ladyLast()),
                                unit.times())),
                school.map(SchoolsDocument::man),
                school.map(SchoolsDocument::lady),
                each(document.schools(), FigureMapper::variation),
                each(document.entries(), FigureMapper::variation),
                new UsageDraft(
                        document.eitherFoot(),
                        Optional.ofNullable(document.curve()),
                        Optional.ofNullable(document.opens()),
                        Optional.ofNullable(document.closes())));
    }

    private static VariationDraft variation(VariationDocument variation) {
        return new VariationDraft(
                variation.name(),
                each(variation.man(), FigureMapper::change),
                each(variation.lady(), FigureMapper::change),
                Optional.ofNullable(variation.start()).map(FigureMapper::relation),
                Optional.ofNullable(variation.end()).map(FigureMapper::relation));
    }

    private static RowChangeDraft change(RowChangeDocument change) {
        return new RowChangeDraft(change.row(), row(change.cells()));
    }

    private static RelationDraft relation(RelationDocument relation) {
        return new RelationDraft(relation.position(), relation.hold(), Optional.ofNullable(relation.proximity()));
    }

    private static List<RowDraft> rows(List<RowDocument> rows) {
        return rows.stream().map(row -> row(row).filled()).toList();
    }

    private static RowDraft row(RowDocument row) {
        Map<Column, String> cells = new EnumMap<>(Column.class);
        put(cells, Column.COUNT, row.count());
        put(cells, Column.WORDS, row.words());
        put(cells, Column.FOOT, row.foot());
        put(cells, Column.FOOT_POSITION, row.footPosition());
        put(cells, Column.ALIGNMENT, row.alignment());
        put(cells, Column.TURN, row.turn());
        put(cells, Column.RISE, row.rise());
        put(cells, Column.FOOTWORK, row.footwork());
        put(cells, Column.SWAY, row.sway());
        put(cells, Column.CBM, row.cbm());
        put(cells, Column.ACTION, row.action());
        put(cells, Column.BODY, row.body());
        put(cells, Column.RELATION, row.relation());
        put(cells, Column.ARMS, row.arms());
        put(cells, Column.LEAD, row.lead());
        put(cells, Column.NOTE, row.note());
        return new RowDraft(cells);
    }

    private static void put(Map<Column, String> cells, Column column, String text) {
        if (text != null) {
            cells.put(column, text);
        }
    }

    /** The figure in canonical shorthand. */
    public static FigureDocument document(Figure figure) {
        return document(DraftWriter.write(figure));
    }

    public static FigureDocument document(FigureDraft draft) {
        VariantsDraft variants = draft.variants();
        return new FigureDocument(
                draft.id(),
                draft.dance(),
                draft.feel().orElse(null),
                draft.title(),
                draft.otherNames(),
                draft.level(),
                draft.bars(),
                relation(draft.start()),
                relation(draft.end()),
                draft.startAlignments(),
                draft.insistsOnAlignment(),
                draft.sameFoot(),
                variants.usage().eitherFoot(),
                variants.usage().curve().orElse(null),
                variants.usage().opens().orElse(null),
                variants.usage().closes().orElse(null),
                variants.manSchool().isEmpty() && variants.ladySchool().isEmpty()
                        ? null
                        : new SchoolsDocument(
                                variants.manSchool().orElse(null),
                                variants.ladySchool().orElse(null)),
                each(draft.man(), FigureMapper::row),
                each(draft.lady(), FigureMapper::row),
                each(variants.timings(), timing -> new TimingDocument(timing.name(), timing.man(), timing.lady())),
                each(
                        variants.splits(),
                        split -> new SplitDocument(
                                split.name(),
                                split.first(),
                                split.last(),
                                split.startAlignments(),
                                split.purpose().orElse(null))),
                each(variants.entries(), FigureMapper::variation),
                each(variants.finishes(), FigureMapper::variation),
                variants.repeat()
                        .map(unit -> new RepeatDocument(
                                unit.first(),
                                unit.last(),
                                unit.ladyFirst().orElse(null),
                                unit.ladyLast().orElse(null),
                                unit.times()))
                        .orElse(null),
                each(variants.schools(), FigureMapper::variation),
                draft.follows(),
                draft.precedes(),
                draft.cues(),
                draft.faults(),
                draft.drills(),
                draft.cautions(),
                draft.lastRead().orElse(null),
                each(draft.mutes(), mute -> new MuteDocument(mute.rule(), mute.at(), mute.reason())),
                draft.derived());
    }

    private static RelationDocument relation(RelationDraft relation) {
        return new RelationDocument(
                relation.position(), relation.hold(), relation.proximity().orElse(null));
    }

    private static VariationDocument variation(VariationDraft variation) {
        return new VariationDocument(
                variation.name(),
                each(variation.man(), change -> new RowChangeDocument(change.row(), row(change.cells()))),
                each(variation.lady(), change -> new RowChangeDocument(change.row(), row(change.cells()))),
                variation.start().map(FigureMapper::relation).orElse(null),
                variation.end().map(FigureMapper::relation).orElse(null));
    }

    public static RowDocument row(RowDraft row) {
        Map<Column, String> cells = row.cells();
        return new RowDocument(
                cells.get(Column.COUNT),
                cells.get(Column.WORDS),
                cells.get(Column.FOOT),
                cells.get(Column.FOOT_POSITION),
                cells.get(Column.ALIGNMENT),
                cells.get(Column.TURN),
                cells.get(Column.RISE),
                cells.get(Column.FOOTWORK),
                cells.get(Column.SWAY),
                cells.get(Column.CBM),
                cells.get(Column.ACTION),
                cells.get(Column.BODY),
                cells.get(Column.RELATION),
                cells.get(Column.ARMS),
                cells.get(Column.LEAD),
                cells.get(Column.NOTE));
    }

    private static <T> List<T> orEmpty(List<T> list) {
        return list == null ? List.of() : list;
    }

    private static <A, B> List<B> each(List<A> list, Function<A, B> map) {
        return orEmpty(list).stream().map(map).toList();
    }

    private static String orBlank(String text) {
        return text == null ? "" : text;
    }
}
