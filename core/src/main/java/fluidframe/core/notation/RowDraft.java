package fluidframe.core.notation;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/** One chart row as text; a column that is not there is empty. In a change of a row an empty text empties the cell. */
public record RowDraft(Map<Column, String> cells) {

    public static final RowDraft EMPTY = new RowDraft(Map.of());

    public RowDraft {
        EnumMap<Column, String> ordered = new EnumMap<>(Column.class);
        ordered.putAll(cells);
        cells = Collections.unmodifiableMap(ordered);
    }

    public String cell(Column column) {
        return cells.getOrDefault(column, "");
    }

    public RowDraft with(Column column, String text) {
        return with(new RowDraft(Map.of(column, text)));
    }

    /** This row with the cells of another laid over it. */
    public RowDraft with(RowDraft changes) {
        EnumMap<Column, String> changed = new EnumMap<>(Column.class);
        changed.putAll(cells);
        changed.putAll(changes.cells);
        return new RowDraft(changed).filled();
    }

    /** Only the cells in which another row differs from this one, emptied cells as empty text. */
    public RowDraft changesTo(RowDraft other) {
        EnumMap<Column, String> changes = new EnumMap<>(Column.class);
        for (Column column : Column.values()) {
            if (!cell(column).equals(other.cell(column))) {
                changes.put(column, other.cell(column));
            }
        }
        return new RowDraft(changes);
    }

    /** Its cells in some columns. */
    public RowDraft only(Collection<Column> columns) {
        EnumMap<Column, String> kept = new EnumMap<>(Column.class);
        kept.putAll(cells);
        kept.keySet().retainAll(columns);
        return new RowDraft(kept);
    }

    /** Without the cells that say nothing. */
    public RowDraft filled() {
        EnumMap<Column, String> filled = new EnumMap<>(Column.class);
        cells.forEach((column, text) -> {
            if (!text.isBlank()) {
                filled.put(column, text);
            }
        });
        return new RowDraft(filled);
    }
}
