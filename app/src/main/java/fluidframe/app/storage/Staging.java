package fluidframe.app.storage;

import fluidframe.app.problems.RefusedException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.flywaydb.core.Flyway;
import org.springframework.util.FileSystemUtils;

/** A database beside the real one, in which data of an older form is laid down as it was and then lifted to today's. */
public final class Staging implements AutoCloseable {

    /** Numbers that are given out one by one never come so far. */
    private static final long MOST_ROWS = 1L << 40;

    private final Path folder;
    private final DatabaseFile file;
    private Connection connection;

    /**
     * @param form the form the data has, as the number of a migration
     * @param near a folder on the volume where the data will end up
     */
    public Staging(int form, Path near) throws SQLException {
        try {
            this.folder = Files.createTempDirectory(near, "staging");
        } catch (IOException e) {
            throw new UncheckedIOException("There is no room beside the data.", e);
        }
        this.file = DatabaseFile.in(folder);
        try {
            migrate(String.valueOf(form));
            this.connection = DriverManager.getConnection(file.url(), DatabaseFile.USER, "");
        } catch (SQLException | RuntimeException e) {
            takeAway();
            throw e;
        }
    }

    private void migrate(String target) {
        Flyway.configure()
                .dataSource(file.url(), DatabaseFile.USER, "")
                .locations("classpath:db/migration")
                .target(target)
                .load()
                .migrate();
    }

    public Connection connection() {
        return connection;
    }

    /** Takes away what the migrations themselves have put there. */
    public void empty() throws SQLException {
        Table.empty(connection);
    }

    /** Brings what has been laid down to today's form. */
    public void lift() throws SQLException {
        connection.close();
        migrate("latest");
        connection = DriverManager.getConnection(file.url(), DatabaseFile.USER, "");
    }

    /**
     * Lets numbers that the database gives out begin behind those that are taken. They never go back: a number that was
     * given out may be on its way into a row. Nobody else may write meanwhile.
     */
    public static void restartIdentities(Connection target, Connection taken) throws SQLException {
        for (Table table : Table.all(target)) {
            for (Identity identity : identities(target, table)) {
                String column = identity.column();
                long highest = Math.max(
                        identity.next() - 1, Math.max(highest(target, table, column), highest(taken, table, column)));
                if (highest > MOST_ROWS) {
                    throw RefusedException.of(
                            table.name().toLowerCase(Locale.ROOT) + ", " + column.toLowerCase(Locale.ROOT),
                            String.valueOf(highest),
                            StorageSentences.atMost(MOST_ROWS));
                }
                long next = highest + 1;
                try (Statement statement = target.createStatement()) {
                    statement.execute(
                            "alter table " + table.quoted() + " alter column \"" + column + "\" restart with " + next);
                }
            }
        }
    }

    /** @param next the number that is given out next */
    private record Identity(String column, long next) {}

    private static List<Identity> identities(Connection connection, Table table) throws SQLException {
        try (var columns = connection.prepareStatement(
                "select column_name, identity_base from information_schema.columns where table_name = ? and is_identity = 'YES'")) {
            columns.setString(1, table.name());
            List<Identity> found = new ArrayList<>();
            try (ResultSet rows = columns.executeQuery()) {
                while (rows.next()) {
                    found.add(new Identity(rows.getString(1), rows.getLong(2)));
                }
            }
            return found;
        }
    }

    private static long highest(Connection connection, Table table, String column) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet row =
                        statement.executeQuery("select coalesce(max(\"" + column + "\"), 0) from " + table.quoted())) {
            row.next();
            return row.getLong(1);
        }
    }

    /** Closes it and puts its file in the place of another, which must not be there. */
    public void moveTo(DatabaseFile target) throws SQLException {
        restartIdentities(connection, connection);
        try (Statement statement = connection.createStatement()) {
            statement.execute("shutdown compact");
        }
        try {
            Files.move(file.path(), target.path());
            target.seal(DatabaseCheck.latestForm());
        } catch (IOException e) {
            throw new UncheckedIOException("The new data could not be put in its place.", e);
        }
    }

    @Override
    public void close() throws SQLException {
        connection.close();
        takeAway();
    }

    private void takeAway() {
        try {
            FileSystemUtils.deleteRecursively(folder);
        } catch (IOException e) {
            throw new UncheckedIOException("The folder " + folder + " could not be deleted.", e);
        }
    }
}
