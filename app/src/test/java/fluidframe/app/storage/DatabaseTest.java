package fluidframe.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import fluidframe.app.problems.BusyException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

class DatabaseTest {

    @TempDir
    private Path folder;

    private final FakeVolume volume = new FakeVolume();
    private DatabaseFile file;
    private Database database;
    private final Set<Integer> acknowledged = ConcurrentHashMap.newKeySet();

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
        try (Connection read = java.sql.DriverManager.getConnection(
                DatabaseFile.in(copy.getParent()).url() + ";ACCESS_MODE_DATA=r", "fluidframe", "")) {
            assertThat(count(read, "select count(*) from kept")).isEqualTo(1);
        }
    }

    @Test
    void manyWhoKeepAtOnceAllSucceed() throws Exception {
        CompletableFuture<?>[] people = IntStream.range(0, 8)
                .mapToObj(person -> CompletableFuture.runAsync(() -> {
                    for (int i = 0; i < 20; i++) {
                        keep("insert into kept values (" + (person * 100 + i) + ", 'x')");
                    }
                }))
                .toArray(CompletableFuture[]::new);
        CompletableFuture.allOf(people).join();
        assertThat(count()).isEqualTo(160);
    }

    @Test
    void withoutRoomItIsReadAndWrittenAgainWhenThereIsSome() throws Exception {
        keep("insert into kept values (1, 'one')");
        volume.room = Database.LEAST_ROOM - 1;
        NotWritableException refused =
                catchThrowableOfType(NotWritableException.class, () -> keep("insert into kept values (2, 'two')"));
        assertThat(refused.access()).isEqualTo(Access.FULL);
        assertThat(count()).isEqualTo(1);
        volume.room = Long.MAX_VALUE;
        Thread.sleep(600);
        keep("insert into kept values (2, 'two')");
        assertThat(count()).isEqualTo(2);
    }

    @Test
    void nothingIsAcknowledgedOnceTheFileHasGone() throws Exception {
        keep("insert into kept values (1, 'one')");
        Files.move(file.path(), folder.resolve("elsewhere.mv.db"));
        NotWritableException refused =
                catchThrowableOfType(NotWritableException.class, () -> keep("insert into kept values (2, 'two')"));
        assertThat(refused.access()).isEqualTo(Access.GONE);
        assertThat(database.access().sentence()).contains("moved, replaced or deleted");
        assertThat(count()).isEqualTo(1);
        database.look();
        assertThat(file.exists()).as("no empty file in its place").isFalse();
    }

    @Test
    void aDiskThatFillsWhileWritingLosesNothingThatWasAcknowledged() throws Exception {
        keep("insert into kept values (1, 'one')");
        FailingDisk.full(true);
        for (int again = 0; again < 2; again++) {
            assertThatThrownBy(() -> keep("insert into kept values (2, 'two')"))
                    .isInstanceOf(NotWritableException.class);
            assertThat(count()).as("read while the disk is full").isEqualTo(1);
        }
        FailingDisk.full(false);
        Thread.sleep(600);
        keep("insert into kept values (3, 'three')");
        assertThat(count()).isEqualTo(2);
    }

    @Test
    @Timeout(120)
    void manyWhoKeepWhileTheDiskFillsAgainAndAgainAreAllAnswered() throws Exception {
        for (int round = 0; round < 8; round++) {
            int first = round * 1000;
            CompletableFuture<?>[] people = IntStream.range(0, 6)
                    .mapToObj(person -> CompletableFuture.runAsync(() -> keepMuchOrBeRefused(first + person * 100)))
                    .toArray(CompletableFuture[]::new);
            while (acknowledged.isEmpty()) {
                Thread.sleep(5);
            }
            Thread.sleep(20);
            FailingDisk.full(true);
            assertThat(CompletableFuture.allOf(people)).as("round " + round).succeedsWithin(Duration.ofSeconds(60));
            FailingDisk.full(false);
            Thread.sleep(600);
        }
        assertThat(acknowledged).isNotEmpty();
        assertThat(count()).isGreaterThanOrEqualTo(acknowledged.size());
        for (int number : acknowledged) {
            assertThat(count("select count(*) from kept where number = " + number))
                    .as("number " + number)
                    .isEqualTo(1);
        }
    }

    /** Keeps things so large that they are written out within their own transactions, until one is refused. */
    private void keepMuchOrBeRefused(int first) {
        String large = "x".repeat(1 << 17);
        for (int number = first; number < first + 100; number++) {
            try {
                keep(
                        "insert into kept values (" + number + ", '" + large + "')",
                        "update kept set text = text || 'y' where number = " + number);
                acknowledged.add(number);
            } catch (NotWritableException | BusyException refused) {
                return;
            }
        }
    }

    @Test
    void aFileThatHasGrownIsMadeSmallOnceNobodyWrites() throws Exception {
        keepMuchOrBeRefused(1000);
        keep("delete from kept where number >= 1010");
        long grown = file.bytes();
        database.compactAfter(Duration.ofHours(1));
        assertThat(file.bytes()).as("while people write").isGreaterThanOrEqualTo(grown);
        database.compactAfter(Duration.ZERO);
        assertThat(file.bytes()).isLessThan(grown / 2);
        assertThat(count()).isEqualTo(10);
        keep("insert into kept values (1, 'one')");
        assertThat(count()).isEqualTo(11);
    }

    @Test
    void aFolderThatMayNotBeWrittenIsRead() throws Exception {
        keep("insert into kept values (1, 'one')");
        volume.permitsWriting = false;
        assertThatThrownBy(() -> keep("insert into kept values (2, 'two')"))
                .isInstanceOf(NotWritableException.class)
                .hasMessage(Access.READ_ONLY.sentence());
        assertThat(count()).isEqualTo(1);
    }

    private void keep(String... statements) {
        database.writing(connection -> {
            try (Statement statement = connection.createStatement()) {
                for (String sql : statements) {
                    statement.execute(sql);
                }
            }
        });
    }

    private int count() {
        return count("select count(*) from kept");
    }

    private int count(String question) {
        return database.reading(connection -> count(connection, question));
    }

    private static int count(Connection connection, String question) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(question)) {
            row.next();
            return row.getInt(1);
        }
    }
}
