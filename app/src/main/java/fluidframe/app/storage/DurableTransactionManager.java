package fluidframe.app.storage;

import jakarta.persistence.EntityManagerFactory;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Transactions whose commit returns only when what they wrote is on the disk. Those that write come one after another,
 * each seeing what the one before it has kept, so that of two who keep the same thing the second learns of the first
 * instead of failing in the database.
 */
final class DurableTransactionManager extends JpaTransactionManager {

    private final transient Database database;
    private final transient ThreadLocal<Boolean> kept = ThreadLocal.withInitial(() -> false);

    DurableTransactionManager(EntityManagerFactory factory, Database database) {
        super(factory);
        this.database = database;
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        try {
            enter(transaction, definition);
        } catch (CannotCreateTransactionException broken) {
            database.mend();
            enter(transaction, definition);
        }
    }

    private void enter(Object transaction, TransactionDefinition definition) {
        database.enter(!definition.isReadOnly());
        try {
            super.doBegin(transaction, definition);
        } catch (RuntimeException e) {
            database.leave(false);
            throw e;
        }
        kept.set(false);
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        try {
            super.doCommit(status);
        } catch (RuntimeException e) {
            throw Database.isBroken(e) ? database.broke(e) : e;
        }
        if (!status.isReadOnly()) {
            database.settle();
        }
        kept.set(true);
    }

    @Override
    protected void doCleanupAfterCompletion(Object transaction) {
        boolean well = kept.get();
        kept.remove();
        try {
            super.doCleanupAfterCompletion(transaction);
        } finally {
            database.leave(well);
        }
    }
}
