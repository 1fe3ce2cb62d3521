package fluidframe.app.storage;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * Brings what has been committed to the disk before anybody is told that it is kept. Those who come while one flush is
 * under way share the next, so that many who keep at once cost hardly more than one.
 */
final class Checkpoint {

    private static final String FLUSH = "checkpoint sync";

    private final Connection connection;
    private long asked;
    private long done;
    private boolean flushing;

    /** @param connection used by this alone, so that it is free while all others wait */
    Checkpoint(Connection connection) {
        this.connection = connection;
    }

    /**
     * Returns once all that was committed before the call is on the disk.
     *
     * @throws SQLException if it cannot be brought there; it may be lost then
     */
    void await() throws SQLException {
        long mine;
        synchronized (this) {
            mine = ++asked;
        }
        for (long upTo = turn(mine); upTo > 0; upTo = turn(mine)) {
            flush(upTo);
        }
    }

    /**
     * Waits for the flush under way; then, unless that was enough, the caller flushes for all who have asked by now.
     */
    private synchronized long turn(long mine) {
        boolean interrupted = false;
        while (flushing && done < mine) {
            try {
                wait();
            } catch (InterruptedException e) {
                interrupted = true;
            }
        }
        if (interrupted) {
            Thread.currentThread().interrupt();
        }
        if (done >= mine) {
            return 0;
        }
        flushing = true;
        return asked;
    }

    private void flush(long upTo) throws SQLException {
        boolean flushed = false;
        try (Statement statement = connection.createStatement()) {
            statement.execute(FLUSH);
            flushed = true;
        } finally {
            synchronized (this) {
                done = flushed ? upTo : done;
                flushing = false;
                notifyAll();
            }
        }
    }
}
