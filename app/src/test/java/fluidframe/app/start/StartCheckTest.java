package fluidframe.app.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.app.storage.DatabaseFile;
import fluidframe.app.storage.Salvage;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.Map;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StartCheckTest {

    private static final int MOST_LINES = 9;

    @TempDir
    private Path folder;

    private DatabaseFile file;

    @BeforeEach
    void layOutTheDataOfAFirstStart() {
        file = DatabaseFile.in(folder);
        FirstDatabase.layOut(file);
    }

    @Test
    void soundDataStarts() {
        assertThatCode(() -> StartCheck.isSound(file)).doesNotThrowAnyException();
    }

    @Test
    void aDamagedFileIsSaidToBeDamagedAndLeftToTheLastByte() throws Exception {
        damageTheDocumentOf("waltz-whisk");
        byte[] before = Files.readAllBytes(file.path());
        refused(() -> StartCheck.isSound(file), "damaged", "left as it was", "./recover", "./restore");
        assertThat(Files.readAllBytes(file.path())).isEqualTo(before);
    }

    @Test
    void aTruncatedFileIsSaidToBeDamaged() throws Exception {
        try (RandomAccessFile access = new RandomAccessFile(file.path().toFile(), "rw")) {
            access.setLength(access.length() / 3);
            access.seek(0);
            access.write(new byte[8192]);
        }
        refused(() -> StartCheck.isSound(file), "damaged", "left as it was");
    }

    @Test
    void whatCanBeReadOfADamagedFileIsSaved() throws Exception {
        damageTheDocumentOf("waltz-whisk");
        Salvage.Report report = Salvage.of(file);
        assertThat(report.lost()).contains("figure waltz-whisk").doesNotContain("figure waltz-natural-turn");
        SetAside.move(file, "recovery");
        report.sound().moveTo(file);
        report.sound().close();
        assertThatCode(() -> StartCheck.isSound(file)).doesNotThrowAnyException();
        assertThat(file.isSealed()).isTrue();
    }

    @Test
    void dataOfANewerProgramIsLeftAlone() throws Exception {
        try (Connection connection = DriverManager.getConnection(file.url(), "fluidframe", "");
                Statement statement = connection.createStatement()) {
            statement.execute(
                    "insert into \"flyway_schema_history\" select 99, '99', 'later', \"type\", \"script\", \"checksum\", \"installed_by\", \"installed_on\", 1, true "
                            + "from \"flyway_schema_history\" where \"installed_rank\" = 1");
        }
        byte[] before = Files.readAllBytes(file.path());
        refused(() -> StartCheck.isSound(file), "newer", "form 99");
        assertThat(Files.readAllBytes(file.path())).isEqualTo(before);
    }

    @Test
    void aSecondProgramOnTheSameFolderIsRefused() throws Exception {
        try (Connection first = DriverManager.getConnection(file.url(), "fluidframe", "")) {
            assertThat(first.isValid(1)).isTrue();
            refused(() -> StartCheck.isFree(file), "Another program");
        }
        assertThatCode(() -> StartCheck.isFree(file)).doesNotThrowAnyException();
    }

    @Test
    void aTakenPortIsNamed() throws IOException {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            refused(
                    () -> StartCheck.port("127.0.0.1", taken.getLocalPort()),
                    "Port " + taken.getLocalPort(),
                    "PORT=" + (taken.getLocalPort() + 1));
        }
    }

    @Test
    void aFolderThatIsAFileIsRefused() {
        refused(() -> StartCheck.folder(file.path()), "cannot be made", "DATA_DIR");
    }

    @Test
    void aFolderNeedsNoDotBeforeItsName() {
        CommandLine.Place place = CommandLine.Place.of(Map.of("DATA_DIR", "name"));
        assertThat(place.file().path())
                .isEqualTo(Path.of("name/fluidframe.mv.db").toAbsolutePath());
    }

    @Test
    void whatIsSetAsideIsNotDeleted() throws IOException {
        byte[] before = Files.readAllBytes(file.path());
        Path aside = SetAside.move(file, "reset").orElseThrow();
        assertThat(file.exists()).isFalse();
        assertThat(Files.readAllBytes(aside)).isEqualTo(before);
    }

    private static void refused(ThrowingCallable start, String... says) {
        assertThatThrownBy(start)
                .isInstanceOf(CannotStartException.class)
                .hasMessageContainingAll(says)
                .satisfies(thrown ->
                        assertThat(thrown.getMessage().lines().count()).isLessThanOrEqualTo(MOST_LINES));
    }

    /** Puts a byte that no JSON has in place of a brace, wherever in the file the document stands. */
    private void damageTheDocumentOf(String id) throws Exception {
        try (Connection connection = DriverManager.getConnection(file.url(), "fluidframe", "");
                Statement statement = connection.createStatement()) {
            statement.execute(
                    "update figure set document = replace(document, '\"dance\"', '\"DAMAGEHERE\"') where slug = '" + id
                            + "'");
            statement.execute("shutdown");
        }
        byte[] bytes = Files.readAllBytes(file.path());
        int at = new String(bytes, StandardCharsets.ISO_8859_1).indexOf("\"DAMAGEHERE\"");
        assertThat(at).as("the document stands in the file as it is").isPositive();
        bytes[at] = 1;
        Files.write(file.path(), bytes);
    }
}
