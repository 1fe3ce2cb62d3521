package fluidframe.app.backups;

import fluidframe.app.storage.DatabaseCheck;
import fluidframe.app.storage.DatabaseFile;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;

/** Backups made and looked at while the program does not run. */
public final class OfflineBackup {

    private OfflineBackup() {}

    /** @throws IOException if it cannot be written */
    public static void make(DatabaseFile file, Path target) throws IOException {
        try (Connection connection =
                        DriverManager.getConnection(file.url() + ";ACCESS_MODE_DATA=r", DatabaseFile.USER, "");
                OutputStream out = Files.newOutputStream(target)) {
            BackupFile.write(
                    connection,
                    DatabaseCheck.form(connection),
                    Instant.now()
                            .truncatedTo(ChronoUnit.SECONDS)
                            .atOffset(ZoneOffset.UTC)
                            .toString(),
                    out);
        } catch (SQLException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    /** @throws fluidframe.app.problems.RefusedException naming the place where the file is no whole backup */
    public static void check(Path backup) {
        BackupFile.check(backup, DatabaseCheck.latestForm());
    }
}
