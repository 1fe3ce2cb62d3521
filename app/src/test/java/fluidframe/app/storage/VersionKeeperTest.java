package fluidframe.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class VersionKeeperTest {

    private static final Instant NOW = Instant.parse("2026-05-20T18:30:00Z");

    private static final int WHISK = 1;
    private static final int WING = 2;
    private static final int WALK = 1;

    @TempDir
    private Path folder;

    private Database database;

    @BeforeEach
    void open() throws SQLException {
        DatabaseFile file = DatabaseFile.in(folder);
        database = new Database(file.url(), "fluidframe", "", Volume.of(file.path()), file);
        Flyway.configure().dataSource(database).load().migrate();
    }

    @AfterEach
    void close() {
        database.close();
    }

    @Test
    void oldVersionsOfEveryKindAreThinnedEachForItself() {
        for (int minutes = 50; minutes >= 0; minutes -= 10) {
            version("figure_aud", WHISK, Duration.ofDays(3).plusMinutes(minutes));
            version("routine_aud", WALK, Duration.ofDays(100).plusMinutes(minutes));
        }
        version("figure_aud", WING, Duration.ofDays(3).plusMinutes(25));
        new VersionKeeper(database, Clock.fixed(NOW, ZoneOffset.UTC)).thin();
        assertThat(left("figure_aud"))
                .as("the last of the hour from 17:00, the last of that from 18:00")
                .containsExactly(WHISK + " 40", WHISK + " 0", WING + " 25");
        assertThat(left("routine_aud")).as("the last of the day").containsExactly(WALK + " 0");
    }

    private void version(String table, int id, Duration age) {
        database.writing(connection -> {
            try (Statement statement = connection.createStatement()) {
                statement.execute("insert into revinfo (revtstmp) values ("
                        + NOW.minus(age).toEpochMilli() + ")");
                statement.execute("insert into " + table + " (id, rev, revtype, title) select " + id
                        + ", max(rev), 1, '" + age.toMinutesPart() + "' from revinfo");
            }
        });
    }

    private List<String> left(String table) {
        return database.reading((Connection connection) -> {
            List<String> found = new ArrayList<>();
            try (Statement statement = connection.createStatement();
                    ResultSet row = statement.executeQuery("select id, title from " + table + " order by id, rev")) {
                while (row.next()) {
                    found.add(row.getString(1) + " " + row.getString(2));
                }
            }
            return found;
        });
    }
}
