package fluidframe.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DatabaseTest {

    @TempDir
    private Path folder;
    private final FakeVolume volume = new FakeVolume();
    private DatabaseFile file;
    private Database database;

    private static final class FakeVolume implements Volume {

        private volatile long room = Long.MAX_VALUE;
        private volatile boolean permitsWriting = true;

        @Override
        public long room() {
            return room;
        }

        @Override
        public boolean permitsWriting() {
            return permitsWriting;
        }
    }

    @BeforeEach
    void openOnADiskThatCanFail() throws SQLException {
        FailingDisk.register();
        file = DatabaseFile.in(folder);
        String url = file.url().replace("jdbc:h2:file:", "jdbc:h2:" + FailingDisk.SCHEME + ":");
        database = new Database(url, "fluidframe", "", volume, file);
        keep("create table kept (number int primary key, text clob)");
    }

    @AfterEach
    void close() {
        FailingDisk.full(false);
        database.close();
    }

    @Test
    void whatIsAcknowledgedIsInTheFileAtThatMoment() throws Exception {
        keep("insert into kept values (1, 'one')");
        Path copy = Files.createDirectory(folder.resolve("copy")).resolve("fluidframe.mv.db");
        Files.copy(file.path(), copy);
        try (Connection read = java.sql.DriverManager.getConnection(DatabaseFile.in(copy.getParent()).url() + ";ACCESS_MODE_DATA=r", "fluidframe", "")) {
            assertThat(count(read)).isEqualTo(1);
        }
    }

    @Test
    void manyWhoKeepAtOnceAllSucceed() throws Exception {
        CompletableFuture<?>[] people = IntStream.range(0, 8).mapToObj(person -> CompletableFuture.runAsync(() -> {
            for (int i = 0; i < 20; i++) {
                keep("insert into kept values (" + (person * 100 + i) + ", 'x')");
            }
        })).toArray(CompletableFuture[]::new);
        CompletableFuture.allOf(people).join();
        assertThat(count()).isEqualTo(160);
    }

    @Test
    void withoutRoomItIsReadAndWrittenAgainWhenThereIsSome() throws Exception {
        keep("insert into kept values (1, 'one')");
        volume.room = Database.LEAST_ROOM - 1;
        NotWritableException refused = catchThrowableOfType(NotWritableException.class, () -> keep("insert into kept values (2, 'two')"));
        assertThat(refused.access()).isEqualTo(Access.FULL);
        assertThat(count()).isEqualTo(1);
        volume.room = Long.MAX_VALUE;
        Thread.sleep(600);
        keep("insert into kept values (2, 'two')");
        assertThat(count()).isEqualTo(2);
    }

    @Test
    void aDiskThatFillsWhileWritingLosesNothingThatWasAcknowledged() throws Exception {
        keep("insert into kept values (1, 'one')");
        FailingDisk.full(true);
        for (int again = 0; again < 2; again++) {
            assertThatThrownBy(() -> keep("insert into kept values (2, 'two')")).isInstanceOf(NotWritableException.class);
            assertThat(count()).as("read while the disk is full").isEqualTo(1);
        }
        FailingDisk.full(false);
        Thread.sleep(600);
        keep("insert into kept values (3, 'three')");
        assertThat(count()).isEqualTo(2);
    }

    @Test
    void aFolderThatMayNotBeWrittenIsRead() throws Exception {
        keep("insert into kept values (1, 'one')");
        volume.permitsWriting = false;
        assertThatThrownBy(() -> keep("insert into kept values (2, 'two')")).isInstanceOf(NotWritableException.class).hasMessage(Access.READ_ONLY.sentence());
        assertThat(count()).isEqualTo(1);
    }

    /** As a transaction does it. */
    private void keep(String sql) {
        database.enter(true);
        boolean kept = false;
        try (Connection connection = database.getConnection(); Statement statement = connection.createStatement()) {
            statement.execute(sql);
            database.settle();
            kept = true;
        } catch (SQLException e) {
            throw database.broke(e);
        } finally {
            database.leave(kept);
        }
    }

    private int count() throws SQLException {
        database.enter(false);
        try (Connection connection = database.getConnection()) {
            return count(connection);
        } finally {
            database.leave(true);
        }
    }

    private static int count(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement(); ResultSet row = statement.executeQuery("select count(*) from kept")) {
            row.next();
            return row.getInt(1);
        }
    }
}
