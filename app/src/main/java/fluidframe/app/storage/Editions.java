package fluidframe.app.storage;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What has been read of stored documents, each edition once however often it is asked for.
 *
 * @param <E> how they are stored
 * @param <T> what is read of each
 */
public final class Editions<E extends StoredDocument, T> {

    private final JpaRepository<E, Long> repository;
    private final TransactionOperations reading;
    private final Function<E, T> reader;
    private final Cache<Edition, T> known;

    /**
     * @param most how many are remembered
     * @param reading transactions that only read
     * @param reader reads one
     */
    public Editions(int most, JpaRepository<E, Long> repository, TransactionOperations reading, Function<E, T> reader) {
        this.repository = repository;
        this.reading = reading;
        this.reader = reader;
        this.known = Caffeine.newBuilder().maximumSize(most).build();
    }

    /**
     * Whether nothing is seen here but what has been committed. A transaction that writes also sees what it may yet
     * take back.
     */
    public static boolean onlyCommittedIsSeen() {
        return !TransactionSynchronizationManager.isActualTransactionActive()
                || TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }

    /** What was read of each, in this order; those that have gone meanwhile are left out. */
    public List<T> of(List<Edition> editions) {
        Map<Long, T> read = new LinkedHashMap<>();
        List<Long> unread = new ArrayList<>();
        for (Edition edition : editions) {
            T remembered = known.getIfPresent(edition);
            read.put(edition.id(), remembered);
            if (remembered == null) {
                unread.add(edition.id());
            }
        }
        if (!unread.isEmpty()) {
            long era = editions.get(0).era();
            read.putAll(reading.execute(status -> read(unread, era)));
        }
        return read.values().stream().filter(Objects::nonNull).toList();
    }

    private Map<Long, T> read(List<Long> ids, long era) {
        boolean remembered = onlyCommittedIsSeen();
        Map<Long, T> read = new LinkedHashMap<>();
        for (E entity : repository.findAllById(ids)) {
            T value = reader.apply(entity);
            read.put(entity.id(), value);
            if (remembered) {
                known.put(new Edition(era, entity.id(), entity.revision()), value);
            }
        }
        return read;
    }
}
