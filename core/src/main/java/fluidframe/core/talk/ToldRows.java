package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.notation.RowDraft;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;

/** The rows of one part as far as they were told, and which row is being told. */
final class ToldRows {

    /** What may be said of a row in several goes. */
    private static final Set<Column> ADDED = Set.of(
            Column.TURN,
            Column.RISE,
            Column.ACTION,
            Column.BODY,
            Column.RELATION,
            Column.ARMS,
            Column.LEAD,
            Column.NOTE);

    /** A step turns by one amount between the feet. */
    private static final Pattern SIZED = Pattern.compile("^\\d");

    private final Part part;
    private final List<Map<Column, String>> rows = new ArrayList<>();
    /** Cells that were not said, or not quite. */
    private final Set<String> derived = new TreeSet<>();
    /** Of those, cells that give way to what is said. */
    private final Set<String> giving = new TreeSet<>();

    private int now = -1;

    ToldRows(Part part) {
        this.part = part;
    }

    void begin(List<RowDraft> charted) {
        rows.clear();
        charted.forEach(
                row -> rows.add(new EnumMap<>(row.cells().isEmpty() ? new EnumMap<>(Column.class) : row.cells())));
        now = -1;
    }

    int size() {
        return rows.size();
    }

    int now() {
        return now;
    }

    /** The next row: one of which only the count was told, or only what follows from the partner, else a new one. */
    void next() {
        boolean open = now + 1 < rows.size() && isOpen(now + 1, Column.FOOT) && isOpen(now + 1, Column.FOOT_POSITION);
        if (!open) {
            rows.add(new EnumMap<>(Column.class));
        }
        now = open ? now + 1 : rows.size() - 1;
    }

    private boolean isOpen(int row, Column column) {
        return cell(row, column).isEmpty() || giving.contains(place(row, column).pointer());
    }

    /** Whether nothing but counts have been told. */
    boolean isOnlyCounted() {
        return rows.stream().allMatch(row -> row.keySet().stream().allMatch(column -> column == Column.COUNT));
    }

    /** Counts on which no step was told are held: "2 3 4 1" of three steps is 2, 3 and 4-1. */
    void tieUntold() {
        tieFourOne();
        while (rows.size() > 1
                && rows.get(rows.size() - 1).keySet().equals(Set.of(Column.COUNT))
                && !cell(rows.size() - 2, Column.COUNT).isEmpty()
                && rows.stream().anyMatch(row -> row.containsKey(Column.FOOT_POSITION))) {
            String held = rows.remove(rows.size() - 1).get(Column.COUNT);
            rows.get(rows.size() - 1).merge(Column.COUNT, held, (before, after) -> before + "-" + after);
            now = Math.min(now, rows.size() - 1);
        }
    }

    /**
     * "2 3 4 1 2 3 4 1" of six steps is 2, 3, 4-1 and again: where as many counts are too many as there are ones after
     * a four.
     */
    private void tieFourOne() {
        List<String> counts =
                rows.stream().map(row -> row.getOrDefault(Column.COUNT, "")).toList();
        long surplus = rows.stream()
                .filter(row -> row.keySet().equals(Set.of(Column.COUNT)))
                .count();
        List<String> tied = new ArrayList<>();
        for (String count : counts) {
            boolean holds = count.equals("1")
                    && !tied.isEmpty()
                    && tied.get(tied.size() - 1).equals("4");
            if (holds) {
                tied.set(tied.size() - 1, "4-1");
            } else {
                tied.add(count);
            }
        }
        boolean atTheEnd = rows.stream()
                .skip(rows.size() - surplus)
                .allMatch(row -> row.keySet().equals(Set.of(Column.COUNT)));
        if (surplus < 2 || !atTheEnd || tied.size() != rows.size() - surplus) {
            return;
        }
        rows.subList(tied.size(), rows.size()).clear();
        for (int row = 0; row < tied.size(); row++) {
            rows.get(row).put(Column.COUNT, tied.get(row));
        }
        now = Math.min(now, rows.size() - 1);
    }

    /** The first row is told next. */
    void rewind() {
        now = -1;
    }

    /** @return whether there is such a row */
    boolean go(int row) {
        if (row < 0 || row >= rows.size()) {
            return false;
        }
        now = row;
        return true;
    }

    String cell(int row, Column column) {
        return row < 0 || row >= rows.size() ? "" : rows.get(row).getOrDefault(column, "");
    }

    boolean has(Column column) {
        return !cell(now, column).isEmpty();
    }

    /** Whether the row that is being told has such a cell, and not only because it follows from another. */
    boolean said(Column column) {
        return has(column) && !giving.contains(place(now, column).pointer());
    }

    Place place(int row, Column column) {
        return Place.cell(part, row, column);
    }

    boolean isDerived(int row, Column column) {
        return derived.contains(place(row, column).pointer());
    }

    /** @return whether there is such a row with room for it: what was said before is not unsaid */
    boolean put(int row, Column column, String text, boolean replaces) {
        if (row < 0 || row >= rows.size()) {
            return false;
        }
        String before = cell(row, column);
        boolean free = before.isEmpty()
                || replaces
                || giving.contains(place(row, column).pointer())
                || before.equals(text);
        boolean another = column == Column.TURN
                && SIZED.matcher(before).find()
                && SIZED.matcher(text).find();
        if (!free && (another || !ADDED.contains(column))) {
            return false;
        }
        rows.get(row).put(column, free ? text : before + (column == Column.BODY ? "; " : ", ") + text);
        if (free) {
            derived.remove(place(row, column).pointer());
        }
        giving.remove(place(row, column).pointer());
        return true;
    }

    /** A cell that follows from another; what is said takes its place. */
    void derive(int row, Column column, String text) {
        rows.get(row).put(column, text);
        derived.add(place(row, column).pointer());
        giving.add(place(row, column).pointer());
    }

    /** What no longer follows, because what it followed from is said otherwise. */
    void forgetDerived(int row, Column column) {
        String pointer = place(row, column).pointer();
        if (giving.remove(pointer)) {
            rows.get(row).remove(column);
            derived.remove(pointer);
        }
    }

    /** A cell that was said, but for something that is only likely. */
    void doubt(int row, Column column) {
        derived.add(place(row, column).pointer());
    }

    Set<String> derived() {
        return derived;
    }

    List<RowDraft> drafts() {
        return rows.stream().map(RowDraft::new).map(RowDraft::filled).toList();
    }
}
