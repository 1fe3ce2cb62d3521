package fluidframe.app.storage;

import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Tells what is remembered of stored documents from what has become of them. An id and a revision name the same content only while nothing is
 * deleted, created again under the same id, or replaced as a whole; each of these begins a new generation.
 */
@Component
public class Generation {

    private final AtomicLong number = new AtomicLong();

    /** Belongs into the key of everything that is remembered by id and revision. */
    public long number() {
        return number.get();
    }

    /** Begins the next once the transaction under way is committed; at once if there is none. */
    public void endsWithTransaction() {
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
