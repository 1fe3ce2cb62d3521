package fluidframe.app.backups;

import fluidframe.app.storage.Table;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a backup would bring back, held against what there is now, so that a coach knows before everything is replaced.
 *
 * @param made when the backup was made, as it says itself
 * @param kinds how many of each kind there are in it and here; a kind of which there are none in either is left out
 */
public record BackupContents(String made, List<BackupCount> kinds) {

    /** What a coach counts, each with the table it is stored in. */
    private enum Kind {
        FIGURE("FIGURE"),
        ROUTINE("ROUTINE"),
        AMALGAMATION("AMALGAMATION"),
        MUSIC("PIECE"),
        EVENT("EVENT"),
        PERSON("PERSON"),
        COUPLE("COUPLE"),
        LESSON("LESSON"),
        NOTE("NOTE"),
        CLASS("CLASS_PLAN"),
        POSTURE("POSTURE"),
        ORGANISER("RULE_PROFILE"),
        CUSTOM("DANCE_CUSTOM");

        private final String table;

        Kind(String table) {
            this.table = table;
        }

        private String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Of one kind.
     *
     * @param backup how many are in the backup
     * @param here how many there are now
     */
    public record BackupCount(String kind, int backup, int here) {}

    /** Every word for a kind. */
    public static List<String> words() {
        return Arrays.stream(Kind.values()).map(Kind::word).toList();
    }

    static BackupContents of(BackupFile.Contents contents, Connection live) throws SQLException {
        Set<String> tables = Table.all(live).stream().map(Table::name).collect(Collectors.toSet());
        List<BackupCount> counts = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            int here = tables.contains(kind.table) ? rows(kind.table, live) : 0;
            int backup = contents.rows(kind.table);
            if (here + backup > 0) {
                counts.add(new BackupCount(kind.word(), backup, here));
            }
        }
        return new BackupContents(contents.made(), counts);
    }

    private static int rows(String table, Connection live) throws SQLException {
        try (Statement statement = live.createStatement();
                ResultSet rows = statement.executeQuery("select count(*) from \"" + table + "\"")) {
            rows.next();
            return rows.getInt(1);
        }
    }
}
