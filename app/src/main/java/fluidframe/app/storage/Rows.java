package fluidframe.app.storage;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Rows of any table as plain values: texts, whole numbers, truth values, and nothing. */
public final class Rows {

    private static final int BATCH = 100;

    private Rows() {}

    /** Takes one row after another. */
    @FunctionalInterface
    public interface Taker {

        void take(List<Object> row) throws SQLException;
    }

    /** Gives one row after another; null after the last. */
    @FunctionalInterface
    public interface Giver {

        List<Object> next() throws SQLException;
    }

    /** Reads a table in the order of its keys. */
    public static void read(Table table, Connection connection, Taker taker) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(table.select())) {
            while (rows.next()) {
                taker.take(row(rows));
            }
        }
    }

    /** Copies a table's rows into the same table of another database, a few at a time; nothing is committed. */
    public static void copy(Table table, Connection from, Connection to) throws SQLException {
        try (Statement statement = from.createStatement();
                ResultSet rows = statement.executeQuery(table.select())) {
            write(table, to, () -> rows.next() ? row(rows) : null);
        }
    }

    static List<Object> row(ResultSet rows) throws SQLException {
        ResultSetMetaData columns = rows.getMetaData();
        List<Object> row = new ArrayList<>();
        for (int column = 1; column <= columns.getColumnCount(); column++) {
            Object value = switch (columns.getColumnType(column)) {
                case Types.TINYINT, Types.SMALLINT, Types.INTEGER, Types.BIGINT -> rows.getLong(column);
                case Types.BOOLEAN, Types.BIT -> rows.getBoolean(column);
                default -> rows.getString(column);
            };
            row.add(rows.wasNull() ? null : value);
        }
        return Collections.unmodifiableList(row);
    }

    /** Writes rows into a table; nothing is committed. */
    public static void write(Table table, Connection connection, Giver giver) throws SQLException {
        try (PreparedStatement insert = connection.prepareStatement(table.insert())) {
            int waiting = 0;
            for (List<Object> row = giver.next(); row != null; row = giver.next()) {
                fill(insert, row);
                insert.addBatch();
                if (++waiting == BATCH) {
                    insert.executeBatch();
                    waiting = 0;
                }
            }
            insert.executeBatch();
        }
    }

    /** Puts rows into a table, or in the place of those with their keys; nothing is committed. */
    public static void merge(Table table, Connection connection, List<List<Object>> rows) throws SQLException {
        try (PreparedStatement merge = connection.prepareStatement(table.merge())) {
            for (List<Object> row : rows) {
                fill(merge, row);
                merge.executeUpdate();
            }
        }
    }

    static void fill(PreparedStatement insert, List<Object> row) throws SQLException {
        for (int i = 0; i < row.size(); i++) {
            insert.setObject(i + 1, row.get(i));
        }
    }
}
