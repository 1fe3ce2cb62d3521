package fluidframe.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads a database file to its last row, without changing it. A file that the program itself has sealed needs only its
 * checksum.
 */
public final class DatabaseCheck {

    /** Texts of this name are JSON. */
    private static final String DOCUMENT = "DOCUMENT";

    private DatabaseCheck() {}

    /** What came of it. */
    public sealed interface Result permits Sound, Damaged, Newer {}

    /** Everything in it can be read, or there is no file yet. */
    public record Sound() implements Result {}

    /** @param where what cannot be read, for a person */
    public record Damaged(String where) implements Result {}

    /**
     * @param found the form the file has
     * @param known the latest form this program knows
     */
    public record Newer(int found, int known) implements Result {}

    public static Result of(DatabaseFile file) {
        int known = latestForm();
        if (!file.exists()) {
            return new Sound();
        }
        Optional<String> code = ForeignCode.in(file);
        if (code.isPresent()) {
            return new Damaged(StorageSentences.itBringsAlongSomethingThatWould(code.get()));
        }
        if (file.isSealed()) {
            return file.sealedForm() > known ? new Newer(file.sealedForm(), known) : new Sound();
        }
        try (Connection connection =
                DriverManager.getConnection(file.url() + ";ACCESS_MODE_DATA=r", DatabaseFile.USER, "")) {
            int found = form(connection);
            return found > known ? new Newer(found, known) : read(connection);
        } catch (SQLException | RuntimeException | StackOverflowError e) {
            return new Damaged(StorageSentences.itCannotBeOpened(firstLine(e)));
        }
    }

    /** The form of the data, as the number of the last migration. */
    public static int form(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select max(cast(\"version\" as int)) from \"flyway_schema_history\" where \"success\"")) {
            rows.next();
            return rows.getInt(1);
        }
    }

    /** The latest form this program knows. */
    public static int latestForm() {
        try {
            return Arrays.stream(
                            new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*__*.sql"))
                    .map(Resource::getFilename)
                    .mapToInt(name -> Integer.parseInt(name.substring(1, name.indexOf('_'))))
                    .max()
                    .orElseThrow();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Result read(Connection connection) throws SQLException {
        for (Table table : Table.all(connection)) {
            int row = 0;
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery("select * from " + table.quoted())) {
                while (rows.next()) {
                    row++;
                    readRow(rows);
                }
            } catch (SQLException | RuntimeException | StackOverflowError e) {
                return new Damaged(
                        StorageSentences.theTableCannotBeReadPast(table.name().toLowerCase(), row, firstLine(e)));
            }
        }
        return new Sound();
    }

    /** @throws JacksonException if a document is no JSON */
    static void readRow(ResultSet rows) throws SQLException {
        ResultSetMetaData columns = rows.getMetaData();
        for (int column = 1; column <= columns.getColumnCount(); column++) {
            String text = rows.getString(column);
            if (columns.getColumnName(column).equals(DOCUMENT) && text != null) {
                JsonMapper.shared().readTree(text);
            }
        }
    }

    static String firstLine(Throwable thrown) {
        String message = thrown.getMessage() == null ? thrown.getClass().getSimpleName() : thrown.getMessage();
        String line = message.lines().findFirst().orElse("");
        return line.length() > 160 ? line.substring(0, 160) + "…" : line;
    }
}
