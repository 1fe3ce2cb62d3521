package fluidframe.app.backups;

import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.storage.Rows;
import fluidframe.app.storage.Staging;
import fluidframe.app.storage.Table;
import fluidframe.core.work.Stopping;
import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.apache.commons.codec.digest.DigestUtils;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A backup: a ZIP with one text for each table, a JSON array a row, and a list of contents that says what form the data
 * has and what each text's checksum is. What is added to the database later is in it without further ado.
 */
public final class BackupFile {

    private static final String FORMAT = "fluidframe-backup";
    private static final int VERSION = 1;
    private static final String CONTENTS = "backup.json";
    /** A row is no longer than what may be sent, and its texts are written as JSON. */
    private static final int LONGEST_ROW = 8 << 20;

    private static final int LONGEST_CONTENTS = 1 << 20;
    private static final int MOST_ENTRIES = 200;
    /**
     * What a file may hold, packed: so much, and so many times its own size. Documents of dancing pack to a tenth or a
     * twentieth.
     */
    private static final long ALWAYS_HELD = 32L << 20;

    private static final long MOST_TIMES = 100;
    private static final long MOST_BYTES = 1L << 30;
    private static final JsonMapper JSON = JsonMapper.shared();

    private BackupFile() {}

    /**
     * The list of contents.
     *
     * @param form the form of the data, as the number of the last migration
     * @param made when, in UTC
     * @param tables what is in it
     */
    record Contents(String format, int version, int form, String made, List<Content> tables) {

        int rows(String table) {
            return tables.stream()
                    .filter(content -> content.name().equalsIgnoreCase(table))
                    .mapToInt(Content::rows)
                    .sum();
        }
    }

    /** One table's text. */
    record Content(String name, List<String> columns, int rows, String sha256) {

        String entry() {
            return "tables/" + name.toLowerCase() + ".jsonl";
        }
    }

    /**
     * Writes everything there is. The connection must see it as it was at one moment.
     *
     * @param form the form of the data
     * @param made when, in UTC
     */
    static Contents write(Connection connection, int form, String made, OutputStream out)
            throws SQLException, IOException {
        List<Content> tables = new ArrayList<>();
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        for (Table table : Table.all(connection)) {
            Content empty = new Content(table.name(), table.columns(), 0, "");
            zip.putNextEntry(entry(empty.entry()));
            DigestOutputStream text = new DigestOutputStream(zip, DigestUtils.getSha256Digest());
            int[] rows = {0};
            Rows.read(table, connection, row -> {
                rows[0]++;
                writeLine(row, text);
            });
            zip.closeEntry();
            tables.add(new Content(
                    table.name(),
                    table.columns(),
                    rows[0],
                    HexFormat.of().formatHex(text.getMessageDigest().digest())));
        }
        Contents contents = new Contents(FORMAT, VERSION, form, made, tables);
        zip.putNextEntry(entry(CONTENTS));
        zip.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(contents));
        zip.closeEntry();
        zip.finish();
        zip.flush();
        return contents;
    }

    private static void writeLine(List<Object> row, OutputStream text) {
        try {
            text.write((JSON.writeValueAsString(row) + "\n").getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException("The backup cannot be written: " + e.getMessage(), e);
        }
    }

    /** Without a time, so that the same data makes the same file. */
    private static ZipEntry entry(String name) {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(0);
        return entry;
    }

    /**
     * What a file holds, every checksum compared.
     *
     * @throws RefusedException naming the place where it is no whole backup
     */
    static Contents check(Path file, int knownForm) {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            if (zip.size() > MOST_ENTRIES) {
                throw refused(BackupsSentences.theFile(), zip.size() + " parts", BackupsSentences.atMost(MOST_ENTRIES));
            }
            Contents contents = contents(zip);
            if (contents.form() < 1 || contents.form() > knownForm) {
                throw refused(
                        CONTENTS + ", form",
                        String.valueOf(contents.form()),
                        BackupsSentences.toANewerFluidFrameMakes(knownForm));
            }
            long left = Math.min(MOST_BYTES, ALWAYS_HELD + MOST_TIMES * Files.size(file));
            Set<String> seen = new HashSet<>();
            for (Content content : contents.tables()) {
                if (content == null
                        || content.name() == null
                        || content.columns() == null
                        || content.sha256() == null
                        || !seen.add(content.name().toUpperCase(Locale.ROOT))) {
                    throw refused(
                            CONTENTS + ", tables",
                            content == null ? "" : content.name(),
                            BackupsSentences.eachTableOnceWithItsColumns());
                }
                left -= length(zip, content, left);
            }
            return contents;
        } catch (IOException | IllegalArgumentException e) {
            throw refused(BackupsSentences.theFile(), String.valueOf(e.getMessage()), BackupsSentences.aWholeZipFile());
        }
    }

    /** How long a table's text is, its checksum compared. */
    private static long length(ZipFile zip, Content content, long most) throws IOException {
        MessageDigest digest = DigestUtils.getSha256Digest();
        long length = 0;
        try (InputStream text = open(zip, content.entry())) {
            byte[] piece = new byte[1 << 16];
            for (int got = text.read(piece); got >= 0; got = text.read(piece)) {
                Stopping.check();
                digest.update(piece, 0, got);
                length += got;
                if (length > most) {
                    throw refused(
                            content.entry(),
                            BackupsSentences.moreThanBytes(most),
                            BackupsSentences.noMoreThanABackupOf());
                }
            }
        }
        String found = HexFormat.of().formatHex(digest.digest());
        if (!found.equals(content.sha256())) {
            throw refused(content.entry(), BackupsSentences.theChecksum(found), content.sha256());
        }
        return length;
    }

    private static Contents contents(ZipFile zip) throws IOException {
        try (InputStream text = open(zip, CONTENTS)) {
            byte[] bytes = text.readNBytes(LONGEST_CONTENTS + 1);
            if (bytes.length > LONGEST_CONTENTS) {
                throw refused(
                        CONTENTS,
                        BackupsSentences.moreThanBytes2(LONGEST_CONTENTS),
                        BackupsSentences.aListOfContents());
            }
            JsonNode tree = JSON.readTree(bytes);
            if (!FORMAT.equals(tree.path("format").asString(""))
                    || tree.path("version").asInt(0) != VERSION) {
                throw refused(
                        CONTENTS,
                        tree.path("format").asString("nothing") + " "
                                + tree.path("version").asString("nothing"),
                        FORMAT + " " + VERSION);
            }
            Contents contents = JSON.treeToValue(tree, Contents.class);
            if (contents.tables() == null || contents.tables().isEmpty()) {
                throw refused(CONTENTS + ", tables", "", BackupsSentences.theTablesOfForm(contents.form()));
            }
            return contents;
        } catch (JacksonException e) {
            throw refused(CONTENTS, "", BackupsSentences.aListOfContents2(e.getOriginalMessage()));
        }
    }

    private static InputStream open(ZipFile zip, String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw refused(name, "", BackupsSentences.thisPartOfABackup());
        }
        return zip.getInputStream(entry);
    }

    /**
     * Lays down what a checked file holds, in its own form, and lifts it to today's.
     *
     * @throws RefusedException naming the line that cannot be laid down
     */
    static void layDown(Path file, Contents contents, Staging staging) throws SQLException, IOException {
        Map<String, Content> byName =
                contents.tables().stream().collect(Collectors.toMap(Content::name, content -> content));
        staging.empty();
        List<Table> tables = Table.all(staging.connection());
        Set<String> unknown = new TreeSet<>(byName.keySet());
        Set<String> missing = tables.stream().map(Table::name).collect(Collectors.toCollection(TreeSet::new));
        missing.removeAll(byName.keySet());
        tables.forEach(table -> unknown.remove(table.name()));
        if (!unknown.isEmpty()) {
            throw refused(CONTENTS, String.join(", ", unknown), BackupsSentences.onlyTablesOfForm(contents.form()));
        }
        if (!missing.isEmpty()) {
            throw refused(
                    CONTENTS, "no " + String.join(", ", missing), BackupsSentences.everyTableOfForm(contents.form()));
        }
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            for (Table table : tables) {
                if (byName.containsKey(table.name())) {
                    layDown(table, byName.get(table.name()), zip, staging.connection());
                }
            }
        }
        staging.lift();
    }

    private static void layDown(Table table, Content content, ZipFile zip, Connection connection) throws IOException {
        if (!table.columns().equals(content.columns())) {
            throw refused(content.entry(), String.join(", ", content.columns()), String.join(", ", table.columns()));
        }
        int[] line = {0};
        try (BufferedInputStream text = new BufferedInputStream(open(zip, content.entry()))) {
            Rows.write(table, connection, () -> {
                Stopping.check();
                line[0]++;
                return row(content, line[0], text);
            });
        } catch (SQLException e) {
            throw refused(content.entry() + ", line " + line[0], firstLine(e), BackupsSentences.rowsOfABackup());
        }
        if (line[0] - 1 != content.rows()) {
            throw refused(content.entry(), line[0] - 1 + " rows", content.rows() + " rows");
        }
    }

    private static String firstLine(SQLException e) {
        return String.valueOf(e.getMessage()).lines().findFirst().orElse("");
    }

    /** The next line, or nothing after the last; no longer than a row is. */
    private static byte[] line(Content content, int line, InputStream text) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        for (int next = text.read(); next != '\n'; next = text.read()) {
            if (next < 0) {
                return bytes.size() == 0 ? null : bytes.toByteArray();
            }
            if (bytes.size() == LONGEST_ROW) {
                throw refused(
                        content.entry() + ", line " + line,
                        BackupsSentences.moreThanBytes3(LONGEST_ROW),
                        BackupsSentences.aRowOfABackup());
            }
            bytes.write(next);
        }
        return bytes.toByteArray();
    }

    private static List<Object> row(Content content, int line, InputStream text) {
        try {
            byte[] next = line(content, line, text);
            if (next == null) {
                return null;
            }
            List<Object> row = new ArrayList<>();
            JsonNode values = JSON.readTree(next);
            if (!values.isArray()) {
                throw refused(content.entry() + ", line " + line, "", BackupsSentences.aJsonArray());
            }
            for (JsonNode value : values) {
                row.add(
                        value.isNull()
                                ? null
                                : value.isBoolean()
                                        ? (Object) value.booleanValue()
                                        : value.isNumber() ? (Object) value.longValue() : value.asString());
            }
            if (row.size() != content.columns().size()) {
                throw refused(
                        content.entry() + ", line " + line,
                        row.size() + " values",
                        content.columns().size() + " values");
            }
            return row;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (JacksonException e) {
            throw refused(content.entry() + ", line " + line, "", BackupsSentences.aJsonArray2(e.getOriginalMessage()));
        }
    }

    private static RefusedException refused(String place, String found, String expected) {
        Fault fault = Fault.of(place, found, expected);
        return new RefusedException(BackupsSentences.thisBackupIsDamagedOrNone(fault.sentence()), List.of(fault));
    }
}
