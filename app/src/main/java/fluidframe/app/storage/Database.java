package fluidframe.app.storage;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import fluidframe.app.problems.BusyException;
import fluidframe.app.problems.LastWords;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.sql.Statement;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import org.h2.api.ErrorCode;
import org.h2.mvstore.MVStoreException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.datasource.AbstractDataSource;

/**
 * The database file, opened for writing where that is possible and for reading where it is not, and opened anew when
 * that changes: when the disk is full and when there is room again. Transactions enter and leave; one at a time writes,
 * and what it has committed is on the disk before its caller is told so.
 */
public final class Database extends AbstractDataSource implements AutoCloseable {

    /** Less room than this counts as none: a save needs a few pages, closing and opening a few more. */
    static final long LEAST_ROOM = 2L << 20;

    private static final Duration LONGEST_WAIT = Duration.ofSeconds(20);
    private static final Duration BETWEEN_TRIES = Duration.ofMillis(500);
    private static final Duration QUIET = Duration.ofMinutes(1);
    /** What a file may grow to before it is worth compacting, against its size when it last was. */
    private static final double GROWN = 1.5;

    private static final Set<Integer> BROKEN = Set.of(
            ErrorCode.GENERAL_ERROR_1,
            ErrorCode.IO_EXCEPTION_1,
            ErrorCode.IO_EXCEPTION_2,
            ErrorCode.DATABASE_IS_CLOSED,
            ErrorCode.DATABASE_CALLED_AT_SHUTDOWN,
            ErrorCode.FILE_CORRUPTED_1,
            ErrorCode.DATABASE_IS_READ_ONLY);
    private static final Logger LOG = LoggerFactory.getLogger(Database.class);

    private final String url;
    private final String user;
    private final String password;
    private final Volume volume;
    private final DatabaseFile file;
    private final ReentrantReadWriteLock opening = new ReentrantReadWriteLock();
    private final ReentrantLock writing = new ReentrantLock(true);
    private volatile Opened opened;
    private volatile boolean broken;
    private volatile boolean gone;
    private volatile boolean tidying;
    private volatile long timesOpened = 1;
    private volatile long lastWritten = System.nanoTime();
    private volatile long lastOpened;
    private volatile long compactedBytes;

    /** The file as it is open now. */
    private record Opened(
            Access access,
            Object identity,
            HikariDataSource pool,
            Connection own,
            Engine engine,
            Checkpoint checkpoint) {

        /**
         * A connection, waited for no longer than the file can give one: a failed file gives none, and whoever waited
         * on kept it from being let go of.
         */
        Connection connection() throws SQLException {
            long began = System.nanoTime();
            while (true) {
                try {
                    return pool.getConnection();
                } catch (SQLTransientConnectionException e) {
                    if (engine.hasFailed() || System.nanoTime() - began > LONGEST_WAIT.toNanos()) {
                        throw new SQLException(
                                "The database file gives no connection.", "08003", ErrorCode.DATABASE_IS_CLOSED, e);
                    }
                }
            }
        }
    }

    /** @throws SQLException if the file can be neither written nor read */
    public Database(String url, String user, String password, Volume volume, DatabaseFile file) throws SQLException {
        this.url = url;
        this.user = user;
        this.password = password;
        this.volume = volume;
        this.file = file;
        this.opened = open();
        this.compactedBytes = file.bytes();
    }

    @Override
    public Connection getConnection() throws SQLException {
        return GuardedConnection.of(opened.connection());
    }

    @Override
    public Connection getConnection(String asUser, String withPassword) throws SQLException {
        return GuardedConnection.of(opened.pool().getConnection(asUser, withPassword));
    }

    /** How often the file has been opened: what was read before the last time may not have been kept. */
    long timesOpened() {
        return timesOpened;
    }

    public Access access() {
        return gone ? Access.GONE : opened.access();
    }

    /**
     * Begins a transaction's stay. One that writes waits until no other does.
     *
     * @throws NotWritableException if it would write and that is not possible
     * @throws BusyException if others write for too long
     */
    void enter(boolean writes) {
        if (writes) {
            look();
        }
        stay(writes);
        if (writes && opened.engine().hasFailed()) {
            leave(false);
            stay(true);
        }
    }

    private void stay(boolean writes) {
        opening.readLock().lock();
        try {
            if (writes) {
                beginWriting();
            }
        } catch (RuntimeException e) {
            opening.readLock().unlock();
            throw e;
        }
    }

    private void beginWriting() {
        if (access() != Access.WRITABLE) {
            throw new NotWritableException(access());
        }
        try {
            if (!writing.tryLock(LONGEST_WAIT.toSeconds(), TimeUnit.SECONDS)) {
                throw new BusyException(
                        StorageSentences.othersHaveBeenSavingForSeconds(LONGEST_WAIT.toSeconds()),
                        Duration.ofSeconds(2));
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException(StorageSentences.stoppedWhileWaitingToSaveNothing(), Duration.ofSeconds(1));
        }
    }

    /**
     * Lets the next writer begin, and returns once all that is committed is on the disk.
     *
     * @throws NotWritableException if it cannot be brought there; it is not kept then
     */
    void settle() {
        endWriting();
        try {
            opened.checkpoint().await();
            lastWritten = System.nanoTime();
        } catch (SQLException e) {
            throw broke(e);
        }
        lookForFile();
        if (gone) {
            throw new NotWritableException(Access.GONE);
        }
    }

    /**
     * Ends a transaction's stay.
     *
     * @param kept whether it ended well; otherwise the file is opened anew where it was the file that failed
     */
    void leave(boolean kept) {
        endWriting();
        opening.readLock().unlock();
        if (!kept && opening.getReadHoldCount() == 0) {
            mend();
        }
    }

    private void endWriting() {
        if (writing.isHeldByCurrentThread()) {
            writing.unlock();
        }
    }

    /** Something asked of the database. */
    interface Question<T> {

        T ask(Connection connection) throws SQLException;
    }

    /** Something changed in the database. */
    interface Change {

        void make(Connection connection) throws SQLException;
    }

    /**
     * Asks something in a transaction of its own; once more where the file failed beneath it and has been opened anew.
     */
    <T> T reading(Question<T> question) {
        try {
            return readOnce(question);
        } catch (IllegalStateException e) {
            if (!isBroken(e)) {
                throw e;
            }
            return readOnce(question);
        }
    }

    private <T> T readOnce(Question<T> question) {
        enter(false);
        boolean well = false;
        try (Connection connection = getConnection()) {
            T answer = question.ask(connection);
            well = true;
            return answer;
        } catch (SQLException e) {
            throw new IllegalStateException("The database did not answer.", e);
        } finally {
            leave(well);
        }
    }

    /**
     * Changes something in a transaction of its own, and returns once it is on the disk.
     *
     * @throws NotWritableException if it cannot be brought there
     */
    void writing(Change change) {
        enter(true);
        boolean kept = false;
        try (Connection connection = getConnection()) {
            connection.setAutoCommit(false);
            change.make(connection);
            connection.commit();
            settle();
            kept = true;
        } catch (SQLException e) {
            throw broke(e);
        } finally {
            leave(kept);
        }
    }

    /** Whether this was caused by a file that can no longer be read or written as it was. */
    public static boolean isBroken(Throwable thrown) {
        for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
            if (cause instanceof MVStoreException
                    || cause instanceof SQLException sql && BROKEN.contains(sql.getErrorCode())) {
                return true;
            }
        }
        return false;
    }

    /**
     * Notes that the file failed, so that it is opened anew; and what to tell somebody whose keeping failed with it.
     */
    NotWritableException broke(Exception cause) {
        broken = true;
        return refusal(cause);
    }

    /** What to tell somebody whose keeping failed for want of room or permission. */
    public NotWritableException refusal(Exception cause) {
        return new NotWritableException(
                gone ? Access.GONE : volume.permitsWriting() ? Access.FULL : Access.READ_ONLY, cause);
    }

    /** Opens the file anew if what it allows has changed: a full disk, or one with room again. */
    public void look() {
        lookForFile();
        if (gone) {
            return;
        }
        boolean tooSoon = access() != Access.WRITABLE && System.nanoTime() - lastOpened < BETWEEN_TRIES.toNanos();
        if (!tooSoon && wanted() != access() && opening.getReadHoldCount() == 0) {
            reopen();
        }
    }

    /** Whether the file is still the one that was opened. Opened anew, an empty one would be made in its place. */
    private void lookForFile() {
        if (gone || file.isThere(opened.identity())) {
            return;
        }
        opening.readLock().lock();
        try {
            if (!file.isThere(opened.identity())) {
                gone = true;
                LOG.error(Access.GONE.sentence());
            }
        } finally {
            opening.readLock().unlock();
        }
    }

    /** Opens the file anew if it does not answer any more. Not within a transaction. */
    public void mend() {
        if (broken || !answers(opened)) {
            reopen();
        }
    }

    private static boolean answers(Opened open) {
        if (open.engine().hasFailed()) {
            return false;
        }
        try (Statement statement = open.own().createStatement()) {
            statement.execute("select 1 from information_schema.users");
            return true;
        } catch (SQLException e) {
            LOG.warn("The database file does not answer: {}", e.getMessage());
            return false;
        }
    }

    /** Makes the file small again, once nobody has written for a while and it has grown. */
    void compactWhenQuiet() {
        compactAfter(QUIET);
    }

    /** Has the file made anew soon, so that nothing of what was erased stands in it any more. */
    public void compactSoon() {
        tidying = true;
    }

    void compactIfWanted() {
        if (tidying) {
            compactAfter(Duration.ZERO);
        }
    }

    void compactAfter(Duration noWriting) {
        boolean quiet = System.nanoTime() - lastWritten > noWriting.toNanos();
        long bytes = file.bytes();
        if (!quiet
                || access() != Access.WRITABLE
                || !tidying && bytes < compactedBytes * GROWN
                || volume.room() < bytes + LEAST_ROOM
                || !opening.writeLock().tryLock()) {
            return;
        }
        try {
            shutDown(opened, "shutdown compact");
            opened = open();
            tidying = false;
            LOG.info("Compacted the data from {} to {} kB", bytes >> 10, file.bytes() >> 10);
        } catch (SQLException e) {
            throw new IllegalStateException("The database could not be opened again after it was compacted.", e);
        } finally {
            compactedBytes = file.bytes();
            opening.writeLock().unlock();
        }
    }

    private Access wanted() {
        if (!volume.permitsWriting()) {
            return Access.READ_ONLY;
        }
        return volume.room() < LEAST_ROOM ? Access.FULL : Access.WRITABLE;
    }

    private void reopen() {
        lookForFile();
        if (gone) {
            LastWords.end(Access.GONE.sentence());
        }
        Opened seen = opened;
        if (!isAlone(seen.engine().hasFailed() ? LONGEST_WAIT : BETWEEN_TRIES)) {
            if (opened == seen && seen.engine().hasFailed()) {
                LastWords.end(StorageSentences.fluidFrameCannotLetGoOf());
            }
            return;
        }
        try {
            if (opened != seen) {
                return;
            }
            letGo(seen);
            opened = open();
            timesOpened++;
            broken = false;
            if (opened.access() != seen.access()) {
                LOG.warn(
                        opened.access() == Access.WRITABLE
                                ? "The data can be written again."
                                : opened.access().sentence());
            }
        } catch (SQLException e) {
            throw new IllegalStateException("The database could not be opened again.", e);
        } finally {
            opening.writeLock().unlock();
        }
    }

    /** Waits until no transaction is under way, and keeps the next from beginning. */
    private boolean isAlone(Duration longest) {
        try {
            return opening.writeLock().tryLock(longest.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Where it cannot be written it is at least read. */
    private Opened open() throws SQLException {
        lastOpened = System.nanoTime();
        Access wanted = wanted();
        if (wanted != Access.WRITABLE) {
            return open(wanted);
        }
        try {
            Opened written = open(Access.WRITABLE);
            file.unseal();
            return written;
        } catch (SQLException e) {
            LOG.warn("The database cannot be opened for writing: {}", e.getMessage());
            return open(Access.FULL);
        }
    }

    private Opened open(Access access) throws SQLException {
        String address = access == Access.WRITABLE ? url : url + ";ACCESS_MODE_DATA=r";
        Connection own = DriverManager.getConnection(address, user, password);
        Engine engine = Engine.beneath(own);
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl(address);
        config.setUsername(user);
        config.setPassword(password);
        config.setConnectionTimeout(BETWEEN_TRIES.toMillis());
        config.setPoolName("database");
        return new Opened(
                access,
                file.identity(),
                new HikariDataSource(config),
                own,
                engine,
                new Checkpoint(GuardedConnection.of(own)));
    }

    /** Closes the file without writing to it; what is committed has been written before. */
    private static void letGo(Opened open) {
        open.engine().shutDown();
        open.pool().close();
    }

    private static void shutDown(Opened open, String how) {
        if (open.engine().hasFailed()) {
            letGo(open);
            return;
        }
        try (Connection own = open.own();
                Statement statement = own.createStatement()) {
            if (open.access() == Access.WRITABLE) {
                statement.execute(how);
            }
        } catch (SQLException e) {
            LOG.debug("The database was closed already", e);
        } finally {
            open.pool().close();
        }
    }

    /** Closes the file, small and sealed where there is room for that. */
    @Override
    public void close() {
        opening.writeLock().lock();
        try {
            boolean written = access() == Access.WRITABLE && !opened.engine().hasFailed();
            boolean roomy = written && volume.room() > file.bytes() + LEAST_ROOM;
            int form = written ? DatabaseCheck.form(opened.own()) : 0;
            shutDown(opened, roomy ? "shutdown compact" : "shutdown");
            if (roomy) {
                file.seal(form);
            }
        } catch (SQLException e) {
            LOG.warn("The database was closed without being sealed: {}", e.getMessage());
            opened.pool().close();
        } finally {
            opening.writeLock().unlock();
        }
    }
}
