package fluidframe.app.backups;

import fluidframe.app.problems.BusyException;
import fluidframe.app.problems.UnknownException;
import fluidframe.app.storage.Access;
import fluidframe.app.storage.Changes;
import fluidframe.app.storage.Database;
import fluidframe.app.storage.DatabaseCheck;
import fluidframe.app.storage.DatabaseFile;
import fluidframe.app.storage.EverythingRestored;
import fluidframe.app.storage.Rows;
import fluidframe.app.storage.Staging;
import fluidframe.app.storage.Stamp;
import fluidframe.app.storage.StoredDocuments;
import fluidframe.app.storage.Table;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.ReentrantLock;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Backups of everything, in a folder beside the data. */
@Service
public class Backups {

    private static final String DAILY = "daily-";
    private static final String ERASED = "ERASED";
    private static final Duration SOON = Duration.ofSeconds(10);
    private static final Pattern NAME =
            Pattern.compile("[a-z-]{1,40}-\\d{4}-\\d{2}-\\d{2}(-\\d{6}(-\\d{1,3})?)?\\.zip");

    private final Database database;
    private final JdbcTemplate jdbc;
    private final PlatformTransactionManager transactions;
    private final Changes changes;
    private final StoredDocuments documents;
    private final ApplicationEventPublisher events;
    private final Path folder;
    private final ReentrantLock restoring = new ReentrantLock();

    Backups(
            Database database,
            JdbcTemplate jdbc,
            PlatformTransactionManager transactions,
            Changes changes,
            StoredDocuments documents,
            ApplicationEventPublisher events,
            @Value("${spring.datasource.url}") String url) {
        this.database = database;
        this.jdbc = jdbc;
        this.transactions = transactions;
        this.changes = changes;
        this.documents = documents;
        this.events = events;
        this.folder = DatabaseFile.at(url).folder().resolve("backups");
    }

    /** A kept backup. */
    public record Kept(String name, Instant made, long bytes) {

        /** When it is thrown away at the latest. */
        Instant until() {
            return made.plus(name.startsWith(DAILY) ? Retention.LONGEST_DAILY : Retention.LONGEST);
        }
    }

    /** What a backup brought back, and the backup that was made of what there was before. */
    public record Restored(int figures, int routines, String before) {}

    /** The backups there are, the latest first. */
    public List<Kept> list() {
        if (Files.notExists(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            List<Kept> kept = new ArrayList<>();
            for (Path file : files.filter(
                            each -> NAME.matcher(each.getFileName().toString()).matches())
                    .toList()) {
                kept.add(new Kept(
                        file.getFileName().toString(),
                        Files.getLastModifiedTime(file).toInstant(),
                        Files.size(file)));
            }
            kept.sort(Comparator.comparing(Kept::made).reversed().thenComparing(Kept::name));
            return kept;
        } catch (IOException e) {
            throw new UncheckedIOException("The backups cannot be listed.", e);
        }
    }

    /** @throws UnknownException if there is no backup of that name */
    public Path file(String name) {
        Path file = folder.resolve(name);
        if (!NAME.matcher(name).matches() || Files.notExists(file)) {
            throw new UnknownException("backup", name);
        }
        return file;
    }

    /** Makes one now, while everybody works. */
    public Kept make() {
        return make("backup-" + Stamp.now());
    }

    /** Makes today's, unless there is one, and takes away those that are too old. */
    public void makeDaily() {
        String name = DAILY + LocalDate.now();
        if (database.access() == Access.WRITABLE && Files.notExists(folder.resolve(name + ".zip"))) {
            make(name);
            thinOut(LocalDate.now());
        }
    }

    private void thinOut(LocalDate today) {
        List<LocalDate> days = list().stream()
                .map(Kept::name)
                .filter(name -> name.startsWith(DAILY))
                .map(name -> LocalDate.parse(name.substring(DAILY.length(), name.length() - ".zip".length())))
                .toList();
        Retention.superfluous(days, today).forEach(day -> delete(DAILY + day + ".zip"));
        list().stream()
                .filter(kept -> !kept.name().startsWith(DAILY) && Retention.isOver(kept.made(), Instant.now()))
                .map(Kept::name)
                .forEach(this::delete);
    }

    private Kept make(String wanted) {
        try {
            Files.createDirectories(folder);
            String name = free(wanted);
            Path unfinished = Files.createTempFile(folder, "unfinished", ".tmp");
            try {
                write(unfinished);
                Path file = Files.move(unfinished, folder.resolve(name + ".zip"), StandardCopyOption.ATOMIC_MOVE);
                return new Kept(
                        file.getFileName().toString(),
                        Files.getLastModifiedTime(file).toInstant(),
                        Files.size(file));
            } finally {
                Files.deleteIfExists(unfinished);
            }
        } catch (IOException | UncheckedIOException e) {
            throw database.refusal(e);
        }
    }

    /** Of two that are made in one second each has its own name; of a day there is one. */
    private String free(String wanted) {
        String name = wanted;
        for (int number = 2; Files.exists(folder.resolve(name + ".zip")); number++) {
            name = wanted + "-" + number;
        }
        return name;
    }

    /**
     * Throws a backup away.
     *
     * @throws UnknownException if there is no backup of that name
     */
    public void delete(String name) {
        try {
            Files.delete(file(name));
        } catch (IOException e) {
            throw new UncheckedIOException("The backup cannot be deleted.", e);
        }
    }

    /** Nobody writes meanwhile, so it is everything as it was at one moment. */
    private void write(Path file) {
        TransactionTemplate alone = new TransactionTemplate(transactions);
        alone.setReadOnly(database.access() != Access.WRITABLE);
        alone.executeWithoutResult(status -> jdbc.execute((ConnectionCallback<Void>) connection -> {
            try (OutputStream out = Files.newOutputStream(file)) {
                BackupFile.write(
                        connection,
                        DatabaseCheck.form(connection),
                        Instant.now()
                                .truncatedTo(ChronoUnit.SECONDS)
                                .atOffset(ZoneOffset.UTC)
                                .toString(),
                        out);
                return null;
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }));
    }

    /**
     * What a backup holds, against what there is now; nothing is changed.
     *
     * @throws fluidframe.app.problems.RefusedException naming the place where the file is no whole backup
     */
    public BackupContents contents(Path file) {
        BackupFile.Contents contents = BackupFile.check(file, DatabaseCheck.latestForm());
        return jdbc.execute((ConnectionCallback<BackupContents>) live -> BackupContents.of(contents, live));
    }

    /**
     * Brings everything back to what a backup holds, after making one of what there is.
     *
     * @throws fluidframe.app.problems.RefusedException naming the place where the file is no whole backup; nothing is
     *     changed then
     */
    public Restored restore(Path file) {
        if (!restoring.tryLock()) {
            throw new BusyException(BackupsSentences.anotherBackupIsBeingRestoredNothing(), SOON);
        }
        try {
            return restoreAlone(file);
        } finally {
            restoring.unlock();
        }
    }

    /**
     * Between the copy of what there is and what comes in its place nobody keeps anything, so that all that was
     * acknowledged is in one of the two.
     */
    private Restored restoreAlone(Path file) {
        BackupFile.Contents contents = BackupFile.check(file, DatabaseCheck.latestForm());
        try (Staging staging = new Staging(contents.form(), folder.getParent())) {
            BackupFile.layDown(file, contents, staging);
            documents.check(staging.connection());
            TransactionTemplate alone = new TransactionTemplate(transactions);
            alone.executeWithoutResult(status -> jdbc.execute((ConnectionCallback<Void>) live -> {
                Staging.restartIdentities(live, staging.connection());
                return null;
            }));
            String before = alone.execute(status -> {
                String copy = make("before-restore-" + Stamp.now()).name();
                jdbc.execute((ConnectionCallback<Void>) live -> {
                    replace(live, staging.connection());
                    return null;
                });
                events.publishEvent(new EverythingRestored());
                changes.everythingRestored();
                return copy;
            });
            database.compactSoon();
            return new Restored(contents.rows("figure"), contents.rows("routine"), before);
        } catch (SQLException e) {
            throw new IllegalStateException("The backup could not be laid down.", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Who has been erased stays so; what comes in counts as saved after all that there was, so that no page that is
     * still open is taken for the latest.
     */
    private static void replace(Connection live, Connection from) throws SQLException {
        List<List<Object>> erased = new ArrayList<>();
        Map<String, Long> revisions = new HashMap<>();
        for (Table table : Table.all(live)) {
            if (table.name().equals(ERASED)) {
                Rows.read(table, live, erased::add);
            }
            if (isRevised(table)) {
                revisions.put(table.name(), latest(table, live));
            }
        }
        Table.empty(live);
        for (Table table : Table.all(live)) {
            Rows.copy(table, from, live);
            if (table.name().equals(ERASED)) {
                Rows.merge(table, live, erased);
            }
            if (isRevised(table)) {
                try (Statement statement = live.createStatement()) {
                    statement.executeUpdate("update " + table.quoted() + " set revision = revision + "
                            + (revisions.get(table.name()) + 1));
                }
            }
        }
    }

    private static boolean isRevised(Table table) {
        return table.columns().contains("REVISION") && !table.columns().contains("REV");
    }

    private static long latest(Table table, Connection live) throws SQLException {
        try (Statement statement = live.createStatement();
                ResultSet row = statement.executeQuery("select coalesce(max(revision), 0) from " + table.quoted())) {
            row.next();
            return row.getLong(1);
        }
    }
}
