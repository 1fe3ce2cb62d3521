package fluidframe.core;

import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RelationDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.RowDraft;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Charts to test with, written the way a coach would. */
public final class Charts {

    public static final VariantsDraft NO_VARIANTS = new VariantsDraft(
            List.of(), List.of(), List.of(), Optional.empty(), Optional.empty(), Optional.empty(), List.of());

    private static final String SHORT = "count|foot|footPosition|alignment|turn|relation";

    private Charts() {}

    public static FigureDraft naturalTurn() {
        return figure(
                "waltz",
                "2",
                rows(
                        "1|RF|fwd|f DW",
                        "2|LF|sd|b DC|1/4 R",
                        "3|RF|cl|b LOD|1/8 R",
                        "1|LF|bk|b LOD",
                        "2|RF|sd|p DC|3/8 R, body less",
                        "3|LF|cl|f DC|body completes"),
                rows(
                        "1|LF|bk|b DW",
                        "2|RF|sd|p LOD|3/8 R, body less",
                        "3|LF|cl|f LOD|body completes",
                        "1|RF|fwd|f LOD",
                        "2|LF|sd|b C|1/4 R",
                        "3|RF|cl|b DC|1/8 R"));
    }

    /** A figure that starts and ends closed. */
    public static FigureDraft figure(String dance, String bars, List<RowDraft> man, List<RowDraft> lady) {
        return figure(dance, bars, "closed; closed", "closed; closed", man, lady);
    }

    /**
     * @param start position, hold and, if need be, proximity, with semicolons between
     * @param end the same
     */
    public static FigureDraft figure(
            String dance, String bars, String start, String end, List<RowDraft> man, List<RowDraft> lady) {
        return new FigureDraft(
                "a-figure",
                dance,
                Optional.empty(),
                "A Figure",
                List.of(),
                "bronze",
                bars,
                relation(start),
                relation(end),
                List.of(),
                false,
                man,
                lady,
                NO_VARIANTS,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                false,
                List.of(),
                List.of());
    }

    public static RelationDraft relation(String text) {
        String[] pieces = text.split("; *");
        return new RelationDraft(pieces[0], pieces[1], pieces.length > 2 ? Optional.of(pieces[2]) : Optional.empty());
    }

    /** Rows of count, foot, position, alignment, turn and relation. */
    public static List<RowDraft> rows(String... rows) {
        return chart(SHORT, rows);
    }

    /**
     * @param header the keys of the columns, with bars between
     * @param rows the cells in that order; empty cells at the end may be left out
     */
    public static List<RowDraft> chart(String header, String... rows) {
        List<Column> columns = Arrays.stream(header.split("\\|"))
                .map(key -> Column.find(key).orElseThrow())
                .toList();
        return Arrays.stream(rows).map(row -> row(columns, row)).toList();
    }

    private static RowDraft row(List<Column> columns, String text) {
        String[] cells = text.split("\\|", -1);
        Map<Column, String> row = new EnumMap<>(Column.class);
        for (int i = 0; i < cells.length; i++) {
            row.put(columns.get(i), cells[i].strip());
        }
        return new RowDraft(row).filled();
    }

    public static Figure read(FigureDraft draft) {
        DraftReading reading = DraftReader.read(draft);
        if (!reading.isComplete()) {
            throw new AssertionError(reading.unreadable().toString());
        }
        return reading.figure().orElseThrow();
    }
}
