package fluidframe.app.storage;

import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.LongSupplier;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Tells what is remembered of stored documents from what has become of them. A document's number and revision name the
 * same content within an era: until the database is put back to a backup or opened anew after a failure.
 */
public class Changes {

    private final AtomicLong made = new AtomicLong();
    /**
     * Begins somewhere else at each start, so that no two runs of the program take each other's counts for their own.
     */
    private final AtomicLong restorations =
            new AtomicLong(ThreadLocalRandom.current().nextLong(1L << 40));

    private final LongSupplier openings;

    /** @param openings how often the database has been opened */
    Changes(LongSupplier openings) {
        this.openings = openings;
    }

    /** For tests without a database file. */
    public static Changes ofOneOpening() {
        return new Changes(() -> 1);
    }

    /**
     * How far things have changed; what was read of the whole database holds while this is the same.
     *
     * @param era within which a document's number and revision name one content
     * @param made how many transactions have changed documents
     */
    public record Count(long era, long made) {

        /** The same as an ETag. */
        public String tag() {
            return "\"" + Long.toHexString(era) + "-" + made + "\"";
        }
    }

    public Count count() {
        return new Count(era(), made.get());
    }

    public long era() {
        return openings.getAsLong() + restorations.get();
    }

    /** The transaction under way changes documents: counted once it is committed, at once if there is none. */
    public void madeHere() {
        whenCommitted(made);
    }

    /** The transaction under way puts everything back to what a backup holds. */
    public void everythingRestored() {
        whenCommitted(restorations);
    }

    /** The transaction under way changes what documents are read with, so that all are read anew afterwards. */
    public void readAnew() {
        whenCommitted(restorations);
    }

    private static void whenCommitted(AtomicLong number) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            number.incrementAndGet();
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                number.incrementAndGet();
            }
        });
    }
}
