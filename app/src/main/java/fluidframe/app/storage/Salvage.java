package fluidframe.app.storage;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.h2.tools.Recover;
import org.h2.tools.RunScript;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.util.FileSystemUtils;

/**
 * Reads from a damaged database file what can be read, row by row, and lays it down in a sound one. The damaged file is
 * only read.
 */
public final class Salvage {

    private static final Logger LOG = LoggerFactory.getLogger(Salvage.class);
    private static final String STUDIO = "STUDIO_ID";
    private static final String SLUG = "SLUG";
    private static final String READING = ";ACCESS_MODE_DATA=r";
    /** No table has more rows. */
    private static final long MOST_ROWS = 500_000;

    private final Map<String, Integer> saved = new LinkedHashMap<>();
    private final List<String> lost = new ArrayList<>();

    private Salvage() {}

    /**
     * What came of it.
     *
     * @param sound where the saved rows are, in today's form
     * @param saved how many rows of each table
     * @param lost what could not be read: "figure waltz-whisk"
     */
    public record Report(Staging sound, Map<String, Integer> saved, List<String> lost) {}

    /** @throws SQLException if nothing of the file can be read */
    public static Report of(DatabaseFile damaged) throws SQLException, IOException {
        Optional<String> code = ForeignCode.in(damaged);
        if (code.isPresent()) {
            throw new SQLException("it brings along something that would be run, which no data of this program does ("
                    + code.get() + ")");
        }
        Salvage salvage = new Salvage();
        Path workshop = Files.createTempDirectory("fluidframe-recover");
        try (Connection source = source(damaged, workshop)) {
            Staging staging = new Staging(formOf(source), damaged.folder());
            for (Table table : Table.all(staging.connection())) {
                salvage.copy(table, source, staging.connection());
            }
            staging.lift();
            return new Report(staging, salvage.saved, salvage.lost);
        } finally {
            FileSystemUtils.deleteRecursively(workshop);
        }
    }

    private static int formOf(Connection source) {
        try {
            return Math.min(DatabaseCheck.form(source), DatabaseCheck.latestForm());
        } catch (SQLException e) {
            LOG.warn("The form of the damaged data cannot be told; today's is taken: {}", DatabaseCheck.firstLine(e));
            return DatabaseCheck.latestForm();
        }
    }

    /** The damaged file itself if it opens; else what the database's own recovery finds in a copy of it. */
    private static Connection source(DatabaseFile damaged, Path workshop) throws SQLException, IOException {
        try {
            Connection opened = DriverManager.getConnection(damaged.url() + READING, DatabaseFile.USER, "");
            Table.all(opened);
            return opened;
        } catch (SQLException | RuntimeException | StackOverflowError e) {
            LOG.warn("The damaged file does not open ({}); its pages are read one by one.", DatabaseCheck.firstLine(e));
        }
        Files.copy(damaged.path(), workshop.resolve("damaged.mv.db"));
        Recover.execute(workshop.toString(), "damaged");
        String found = "jdbc:h2:file:" + workshop.resolve("found") + ";TRACE_LEVEL_FILE=0";
        Path script = workshop.resolve("damaged.h2.sql");
        if (Files.exists(script)) {
            try (Stream<String> statements = Files.lines(script)) {
                if (statements.anyMatch(ForeignCode::isIn)) {
                    throw new SQLException(
                            "it brings along something that would be run, which no data of this program does");
                }
            }
            RunScript.execute(found, DatabaseFile.USER, "", script.toString(), StandardCharsets.UTF_8, true);
        }
        return DriverManager.getConnection(found, DatabaseFile.USER, "");
    }

    private void copy(Table table, Connection source, Connection target) throws SQLException {
        String name = table.name().toLowerCase();
        Set<String> missing = new LinkedHashSet<>(names(table, source));
        int rows = 0;
        try (PreparedStatement insert = target.prepareStatement(table.merge())) {
            long last = lastRow(table, source);
            int failures = 0;
            for (long id = 1; id <= last; id++) {
                try {
                    List<Object> row = row(table, source, id);
                    if (row != null) {
                        Rows.fill(insert, row);
                        insert.executeUpdate();
                        missing.remove(String.valueOf(row.get(table.columns().indexOf(name(table)))));
                        rows++;
                    }
                } catch (SQLException | RuntimeException | StackOverflowError e) {
                    failures++;
                    LOG.debug("Row {} of {} cannot be read", id, name, e);
                }
            }
            if (failures > 0 && missing.isEmpty()) {
                lost.add(StorageSentences.rowRowsThatCannotBeNamed(name, failures, failures == 1));
            }
        }
        missing.forEach(id -> lost.add(name + " " + id));
        saved.put(name, rows);
    }

    /** The column by which people know a row: its slug, or what it ends its key with. */
    private static String name(Table table) {
        return table.columns().contains(SLUG)
                ? SLUG
                : table.key().get(table.key().size() - 1);
    }

    /** The names of a table's rows where an index keeps them apart from the rows. */
    private static List<String> names(Table table, Connection source) {
        List<String> names = new ArrayList<>();
        boolean apart = !table.key().contains("REV")
                && (table.columns().contains(SLUG) || table.key().size() == 1);
        String order = table.columns().contains(SLUG) && table.columns().contains(STUDIO)
                ? "\"" + STUDIO + "\", \"" + SLUG + "\""
                : "1";
        try (Statement statement = source.createStatement();
                ResultSet keys = apart
                        ? statement.executeQuery(
                                "select \"" + name(table) + "\" from " + table.quoted() + " order by " + order)
                        : null) {
            while (keys != null && keys.next()) {
                names.add(keys.getString(1));
            }
        } catch (SQLException | RuntimeException | StackOverflowError e) {
            LOG.debug("The keys of {} cannot be read to the end", table.name(), e);
        }
        return names;
    }

    private static long lastRow(Table table, Connection source) {
        try (Statement statement = source.createStatement();
                ResultSet row = statement.executeQuery("select max(_rowid_) from " + table.quoted())) {
            row.next();
            return row.getLong(1);
        } catch (SQLException | RuntimeException | StackOverflowError e) {
            LOG.debug("How many rows {} has cannot be read", table.name(), e);
            return exists(table, source) ? MOST_ROWS : 0;
        }
    }

    private static boolean exists(Table table, Connection source) {
        try (ResultSet tables = source.getMetaData().getTables(null, "PUBLIC", table.name(), null)) {
            return tables.next();
        } catch (SQLException e) {
            return false;
        }
    }

    private static List<Object> row(Table table, Connection source, long id) throws SQLException {
        String columns = table.select().substring(0, table.select().lastIndexOf(" order by"));
        try (Statement statement = source.createStatement();
                ResultSet rows = statement.executeQuery(columns + " where _rowid_ = " + id)) {
            if (!rows.next()) {
                return null;
            }
            DatabaseCheck.readRow(rows);
            return Rows.row(rows);
        }
    }
}
