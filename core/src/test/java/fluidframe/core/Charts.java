package fluidframe.core;

import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RelationDraft;
import fluidframe.core.notation.RowDraft;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Charts to test with, written the way a coach would: {@code count | foot | position | alignment | turn}. */
public final class Charts {

    private static final List<Column> COLUMNS = List.of(Column.COUNT, Column.FOOT, Column.FOOT_POSITION, Column.ALIGNMENT, Column.TURN, Column.RELATION);

    private Charts() {
    }

    public static FigureDraft naturalTurn() {
        return figure("waltz", "2", rows("1|RF|fwd|f DW", "2|LF|sd|b DC|1/4 R", "3|RF|cl|b LOD|1/8 R",
                        "1|LF|bk|b LOD", "2|RF|sd|p DC|3/8 R, body less", "3|LF|cl|f DC|body completes"),
                rows("1|LF|bk|b DW", "2|RF|sd|p LOD|3/8 R, body less", "3|LF|cl|f LOD|body completes",
                        "1|RF|fwd|f LOD", "2|LF|sd|b C|1/4 R", "3|RF|cl|b DC|1/8 R"));
    }

    public static FigureDraft figure(String dance, String bars, List<RowDraft> man, List<RowDraft> lady) {
        RelationDraft closed = new RelationDraft("closed", "closed");
        return new FigureDraft("a-figure", dance, "A Figure", "bronze", bars, closed, closed, List.of(), false, man, lady,
                List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), false);
    }

    public static List<RowDraft> rows(String... rows) {
        return Arrays.stream(rows).map(Charts::row).toList();
    }

    private static RowDraft row(String text) {
        String[] cells = text.split("\\|");
        Map<Column, String> row = new EnumMap<>(Column.class);
        for (int i = 0; i < cells.length; i++) {
            row.put(COLUMNS.get(i), cells[i]);
        }
        return new RowDraft(row);
    }

    public static Figure read(FigureDraft draft) {
        DraftReading reading = DraftReader.read(draft);
        if (!reading.isComplete()) {
            throw new AssertionError(reading.unread().toString());
        }
        return reading.figure().orElseThrow();
    }
}
