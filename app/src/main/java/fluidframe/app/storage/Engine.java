package fluidframe.app.storage;

import java.sql.Connection;
import java.sql.SQLException;
import org.h2.engine.Session;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.message.DbException;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The database engine beneath a connection, asked and closed without a statement. After a write has failed its count of
 * those who use a version of the data can be one too low, and then any statement, be it a rollback or a shutdown, waits
 * without end for the next version.
 */
final class Engine {

    private static final Logger LOG = LoggerFactory.getLogger(Engine.class);

    private final SessionLocal session;
    private final org.h2.engine.Database database;
    private final MVStore store;

    private Engine(SessionLocal session) {
        this.session = session;
        this.database = session.getDatabase();
        this.store = database.getStore().getMvStore();
    }

    /** @throws SQLException if the connection is closed, or is not one of this engine within this program */
    static Engine beneath(Connection connection) throws SQLException {
        Session session = connection.unwrap(JdbcConnection.class).getSession();
        if (session instanceof SessionLocal local && !local.isClosed()) {
            return new Engine(local);
        }
        throw new SQLException("The connection is closed.");
    }

    /** Whether a write has failed, or the file is closed: no statement may be sent any more. */
    boolean hasFailed() {
        return store.getPanicException() != null || store.isClosed();
    }

    /** Ends the session without a rollback; what it has not committed was never written. */
    void abandon() {
        try {
            session.close();
        } catch (DbException | MVStoreException expected) {
            LOG.debug("A session was closed after its file had failed", expected);
        }
    }

    /** Lets go of the file without writing to it. */
    void shutDown() {
        database.shutdownImmediately();
    }
}
