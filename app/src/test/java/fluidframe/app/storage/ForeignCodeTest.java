package fluidframe.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.app.start.FirstDatabase;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ForeignCodeTest {

    @TempDir
    private Path folder;

    private DatabaseFile file;

    @BeforeEach
    void layOut() {
        file = DatabaseFile.in(folder);
        FirstDatabase.layOut(file);
    }

    @Test
    void whatTheProgramKeepsRunsNothing() {
        assertThat(ForeignCode.in(file)).isEmpty();
        assertThat(DatabaseCheck.of(file)).isInstanceOf(DatabaseCheck.Sound.class);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "create trigger watch before insert on figure for each row call \"org.h2.test.Trigger\"",
                "create trigger watch before select on figure call \"org.h2.fulltext.FullText$FullTextTrigger\"",
                "create alias run for \"java.lang.System.getProperty\"",
                "create alias said as 'String said() { return System.getProperty(\"user.name\"); }'",
                "create view others as select * from figure",
                "create force linked table elsewhere('', 'jdbc:h2:mem:x', 'sa', '', 'T')",
                "create aggregate most for \"java.lang.String\""
            })
    void whatWouldBeRunIsFoundBeforeARowIsRead(String declaration) throws SQLException {
        try (Connection connection = DriverManager.getConnection(file.url(), DatabaseFile.USER, "");
                Statement statement = connection.createStatement()) {
            statement.execute(
                    declaration.startsWith("create trigger")
                            ? declaration.replace("create trigger", "create force trigger")
                            : declaration);
        } catch (SQLException refusedByTheDatabaseItself) {
            return;
        }
        assertThat(ForeignCode.in(file)).isPresent();
        assertThat(DatabaseCheck.of(file)).isInstanceOf(DatabaseCheck.Damaged.class);
    }
}
