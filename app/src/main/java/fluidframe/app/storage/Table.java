package fluidframe.app.storage;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A table of the database, whatever it is about.
 *
 * @param columns its columns as they stand in it
 * @param key the columns of its primary key
 */
public record Table(String name, List<String> columns, List<String> key) {

    /** What the migrations remember of themselves is no data. */
    private static final String MIGRATIONS = "flyway_schema_history";

    private static final String SCHEMA = "PUBLIC";

    public Table {
        columns = List.copyOf(columns);
        key = List.copyOf(key);
    }

    /** Every table of data, none before those its rows refer to, else by name. */
    public static List<Table> all(Connection connection) throws SQLException {
        DatabaseMetaData meta = connection.getMetaData();
        Map<String, Set<String>> refersTo = new LinkedHashMap<>();
        for (String name : names(meta.getTables(null, SCHEMA, "%", new String[] {"BASE TABLE"}), "TABLE_NAME")) {
            if (!name.equals(MIGRATIONS)) {
                Set<String> others =
                        new LinkedHashSet<>(names(meta.getImportedKeys(null, SCHEMA, name), "PKTABLE_NAME"));
                others.remove(name);
                refersTo.put(name, others);
            }
        }
        List<Table> ordered = new ArrayList<>();
        Set<String> placed = new LinkedHashSet<>();
        while (placed.size() < refersTo.size()) {
            String next = refersTo.entrySet().stream()
                    .filter(entry -> !placed.contains(entry.getKey()) && placed.containsAll(entry.getValue()))
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("tables refer to each other in a circle"));
            placed.add(next);
            ordered.add(new Table(
                    next,
                    names(meta.getColumns(null, SCHEMA, next, "%"), "COLUMN_NAME"),
                    names(meta.getPrimaryKeys(null, SCHEMA, next), "COLUMN_NAME")));
        }
        return ordered;
    }

    /** Takes every row out of every table. */
    public static void empty(Connection connection) throws SQLException {
        Deque<Table> lastFirst = new ArrayDeque<>();
        all(connection).forEach(lastFirst::push);
        for (Table table : lastFirst) {
            try (Statement statement = connection.createStatement()) {
                statement.execute("delete from " + table.quoted());
            }
        }
    }

    private static List<String> names(ResultSet rows, String column) throws SQLException {
        List<String> names = new ArrayList<>();
        try (rows) {
            while (rows.next()) {
                names.add(rows.getString(column));
            }
        }
        return names;
    }

    /** Its name as SQL wants it. */
    public String quoted() {
        return quoted(name);
    }

    /** Its rows in the order of their keys. */
    public String select() {
        return "select " + list(columns) + " from " + quoted() + (key.isEmpty() ? "" : " order by " + list(key));
    }

    public String insert() {
        return "insert into " + quoted() + " (" + list(columns) + ") values ("
                + columns.stream().map(column -> "?").collect(Collectors.joining(", ")) + ")";
    }

    /** Inserts a row, or puts it in the place of the one with its key. */
    String merge() {
        return "merge into " + quoted() + " (" + list(columns) + ") key (" + list(key) + ") values ("
                + columns.stream().map(column -> "?").collect(Collectors.joining(", ")) + ")";
    }

    private static String list(List<String> names) {
        return names.stream().map(Table::quoted).collect(Collectors.joining(", "));
    }

    private static String quoted(String name) {
        return '"' + name.replace("\"", "\"\"") + '"';
    }
}
