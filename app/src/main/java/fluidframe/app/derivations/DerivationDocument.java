package fluidframe.app.derivations;

import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureMapper;
import fluidframe.core.audit.Doubts;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.derive.FittingVariants;
import fluidframe.core.derive.PartnerPart;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.Place;
import fluidframe.core.notation.RowDraft;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * A derived figure, every cell and field in which it differs from the one it was derived from, and in a line each what
 * could not be known.
 */
@Schema(name = "Derivation")
record DerivationDocument(FigureDocument figure, List<ChangeDocument> changes, List<String> doubts) {

    /** One difference: where, what stood there, what would. */
    @Schema(name = "Change")
    record ChangeDocument(String pointer, String wording, String before, String after) {}

    /** The figure with one chart derived; its cells are marked as such. */
    static DerivationDocument partner(Figure figure, Chart derived) {
        Part part = derived.part();
        Relation standing = PartnerPart.standing(figure, part.partner());
        FittingVariants fitting = FittingVariants.of(figure, derived);
        FigureDraft before = DraftWriter.write(figure);
        Figure danced = (part == Part.MAN
                        ? figure.withCharts(derived, figure.lady())
                        : figure.withCharts(figure.man(), derived))
                .withStart(standing)
                .withVariants(fitting.variants());
        FigureDraft after = DraftWriter.write(danced).withDerived(derivedCells(before, part, derived));
        List<String> assumed = standing.equals(figure.start())
                ? List.of()
                : List.of(DerivationsSentences.theFirstStepIsTakenIn(
                        standing.position().wording()));
        return new DerivationDocument(
                FigureMapper.document(after),
                changes(before, after),
                Stream.of(assumed, leftOut(fitting), Doubts.of(figure, danced, part))
                        .flatMap(List::stream)
                        .toList());
    }

    private static List<String> leftOut(FittingVariants fitting) {
        return fitting.leftOut().stream()
                .map(left -> DerivationsSentences.theWayLosesARow(left.way(), left.row(), left.rows()))
                .toList();
    }

    static DerivationDocument whole(Figure figure, Figure derived) {
        FigureDraft before = DraftWriter.write(figure);
        FigureDraft after = DraftWriter.write(derived);
        return new DerivationDocument(FigureMapper.document(after), changes(before, after), List.of());
    }

    private static List<String> derivedCells(FigureDraft before, Part part, Chart derived) {
        Stream<String> others =
                before.derived().stream().filter(pointer -> !pointer.startsWith("/" + part.key() + "/"));
        List<RowDraft> rows = DraftWriter.rows(derived);
        List<String> cells = new ArrayList<>();
        for (int row = 0; row < rows.size(); row++) {
            for (Column column : rows.get(row).cells().keySet()) {
                cells.add(Place.cell(part, row, column).pointer());
            }
        }
        return Stream.concat(others, cells.stream()).sorted().toList();
    }

    private static List<ChangeDocument> changes(FigureDraft before, FigureDraft after) {
        List<ChangeDocument> changes = new ArrayList<>();
        add(changes, Place.field("bars"), before.bars(), after.bars());
        add(
                changes,
                Place.field("start"),
                before.start().position() + ", " + before.start().hold(),
                after.start().position() + ", " + after.start().hold());
        add(
                changes,
                Place.field("end"),
                before.end().position() + ", " + before.end().hold(),
                after.end().position() + ", " + after.end().hold());
        for (Part part : Part.values()) {
            int rows = Math.max(before.chart(part).size(), after.chart(part).size());
            for (int row = 0; row < rows; row++) {
                RowDraft was =
                        row < before.chart(part).size() ? before.chart(part).get(row) : RowDraft.EMPTY;
                RowDraft is = row < after.chart(part).size() ? after.chart(part).get(row) : RowDraft.EMPTY;
                for (Column column : was.changesTo(is).cells().keySet()) {
                    add(changes, Place.cell(part, row, column), was.cell(column), is.cell(column));
                }
            }
        }
        return changes;
    }

    private static void add(List<ChangeDocument> changes, Place place, String before, String after) {
        if (!before.equals(after)) {
            changes.add(new ChangeDocument(place.pointer(), place.wording(), before, after));
        }
    }
}
