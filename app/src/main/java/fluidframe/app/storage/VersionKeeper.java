package fluidframe.app.storage;

import fluidframe.app.storage.VersionThinning.Kept;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;

/** Thins the old versions of everything that keeps versions, a few at a time, so that nobody waits long for it. */
class VersionKeeper {

    private static final Logger LOG = LoggerFactory.getLogger(VersionKeeper.class);
    private static final String VERSIONS = "_AUD";
    private static final int DELETION = 2;
    private static final int AT_ONCE = 200;
    private static final int AFTER_START_MILLISECONDS = 600_000;
    private static final int BETWEEN_MILLISECONDS = 6 * 3_600_000;

    private final Database database;
    private final Clock clock;

    VersionKeeper(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    private record Going(long id, int number) {}

    @Scheduled(initialDelay = AFTER_START_MILLISECONDS, fixedDelay = BETWEEN_MILLISECONDS)
    void thin() {
        if (database.access() != Access.WRITABLE) {
            return;
        }
        int gone = 0;
        for (Table table : database.reading(Table::all)) {
            if (table.name().endsWith(VERSIONS)) {
                List<Going> going = database.reading(connection -> going(table, connection));
                for (int first = 0; first < going.size(); first += AT_ONCE) {
                    List<Going> some = going.subList(first, Math.min(going.size(), first + AT_ONCE));
                    database.writing(connection -> delete(table, some, connection));
                }
                gone += going.size();
            }
        }
        if (gone > 0) {
            LOG.info("Took away {} old versions whose time a later one stands for", gone);
        }
    }

    private List<Going> going(Table table, Connection connection) throws SQLException {
        Map<Long, List<Kept>> versions = new LinkedHashMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select a.id, a.rev, a.revtype, r.revtstmp from "
                        + table.quoted() + " a join revinfo r on r.rev = a.rev order by a.rev desc")) {
            while (row.next()) {
                versions.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new Kept(row.getInt(2), Instant.ofEpochMilli(row.getLong(4)), row.getInt(3) == DELETION));
            }
        }
        List<Going> going = new ArrayList<>();
        versions.forEach((id, kept) ->
                VersionThinning.superfluous(kept, clock.instant()).forEach(number -> going.add(new Going(id, number))));
        return going;
    }

    private static void delete(Table table, List<Going> going, Connection connection) throws SQLException {
        try (PreparedStatement statement =
                connection.prepareStatement("delete from " + table.quoted() + " where rev = ? and id = ?")) {
            for (Going version : going) {
                statement.setInt(1, version.number());
                statement.setLong(2, version.id());
                statement.addBatch();
            }
            statement.executeBatch();
        }
    }
}
