package fluidframe.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.TreeMap;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A database of an older form is lifted to today's with every row it had. */
class OlderFormsTest {

    @TempDir
    private Path folder;

    @ParameterizedTest
    @ValueSource(ints = {5, 12})
    void everyRowIsStillThere(int form) throws IOException, SQLException {
        DatabaseFile file = DatabaseFile.in(folder);
        try (InputStream written = OlderFormsTest.class.getResourceAsStream("/stored/schema-" + form + ".mv.db")) {
            Files.copy(written, file.path());
        }
        Map<String, Long> before = rows(file);
        assertThat(before.get("ROUTINE")).isPositive();
        Flyway.configure()
                .dataSource(file.url(), DatabaseFile.USER, "")
                .locations("classpath:db/migration")
                .load()
                .migrate();
        Map<String, Long> after = rows(file);
        assertThat(after).containsAllEntriesOf(before);
        assertThat(DatabaseCheck.of(file)).isInstanceOf(DatabaseCheck.Sound.class);
    }

    private static Map<String, Long> rows(DatabaseFile file) throws SQLException {
        Map<String, Long> rows = new TreeMap<>();
        try (Connection connection = DriverManager.getConnection(file.url(), DatabaseFile.USER, "");
                Statement statement = connection.createStatement()) {
            for (Table table : Table.all(connection)) {
                try (ResultSet row = statement.executeQuery("select count(*) from " + table.quoted())) {
                    row.next();
                    rows.put(table.name(), row.getLong(1));
                }
            }
        }
        return rows;
    }
}
