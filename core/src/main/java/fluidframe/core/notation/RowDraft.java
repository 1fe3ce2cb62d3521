package fluidframe.core.notation;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/** One chart row as text; a column that is not there is empty. */
public record RowDraft(Map<Column, String> cells) {

    public RowDraft {
        EnumMap<Column, String> ordered = new EnumMap<>(Column.class);
        cells.forEach((column, text) -> {
            if (!text.isBlank()) {
                ordered.put(column, text);
            }
        });
        cells = Collections.unmodifiableMap(ordered);
    }

    public String cell(Column column) {
        return cells.getOrDefault(column, "");
    }

    public RowDraft with(Column column, String text) {
        EnumMap<Column, String> changed = new EnumMap<>(Column.class);
        changed.putAll(cells);
        changed.put(column, text);
        return new RowDraft(changed);
    }
}
