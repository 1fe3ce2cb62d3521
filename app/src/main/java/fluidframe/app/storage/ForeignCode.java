package fluidframe.app.storage;

import java.util.Iterator;
import java.util.Optional;
import java.util.Set;
import org.h2.engine.DbObject;
import org.h2.engine.MetaRecord;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.tx.TransactionMap;
import org.h2.mvstore.tx.TransactionStore;
import org.h2.result.SearchRow;

/**
 * Looks whether a data file brings along anything that would be run. Opened as a database, a file runs what it calls
 * triggers, functions and tables that are elsewhere, whoever wrote it; this reads only how its tables are declared,
 * without opening it as one.
 */
public final class ForeignCode {

    /** Classes that the database may be asked to load: those of its own recovery. */
    private static final String OWN_CLASSES = "org.h2.tools.Recover";

    private static final String DECLARATIONS = "table.0";
    private static final Set<Integer> HARMLESS = Set.of(
            DbObject.TABLE_OR_VIEW,
            DbObject.INDEX,
            DbObject.USER,
            DbObject.SEQUENCE,
            DbObject.CONSTRAINT,
            DbObject.SETTING,
            DbObject.ROLE,
            DbObject.RIGHT,
            DbObject.SCHEMA,
            DbObject.COMMENT);
    private static final Set<String> TABLES = Set.of("CREATE CACHED TABLE", "CREATE MEMORY TABLE", "CREATE TABLE");

    private ForeignCode() {}

    /** Lets the database load no classes that a file names. To be called before the first file is opened. */
    public static void shutOut() {
        System.setProperty("h2.allowedClasses", OWN_CLASSES);
    }

    /**
     * The first thing in a file that would be run, or that stands elsewhere; empty where there is none, or where
     * nothing of it can be read.
     */
    static Optional<String> in(DatabaseFile file) {
        try (MVStore store = new MVStore.Builder()
                .fileName(file.path().toString())
                .recoveryMode()
                .readOnly()
                .open()) {
            TransactionStore transactions = new TransactionStore(store);
            transactions.init();
            TransactionMap<Long, SearchRow> declarations = transactions.begin().openMap(DECLARATIONS);
            for (Iterator<Long> keys = declarations.keyIterator(null); keys.hasNext(); ) {
                MetaRecord declared = new MetaRecord(declarations.get(keys.next()));
                if (!isHarmless(declared)) {
                    return Optional.of(DatabaseCheck.firstLine(new IllegalStateException(declared.getSQL())));
                }
            }
            return Optional.empty();
        } catch (RuntimeException | StackOverflowError e) {
            return Optional.empty();
        }
    }

    private static boolean isHarmless(MetaRecord declared) {
        boolean table = declared.getObjectType() != DbObject.TABLE_OR_VIEW
                || TABLES.stream().anyMatch(declared.getSQL()::startsWith);
        return HARMLESS.contains(declared.getObjectType()) && table;
    }

    /**
     * Whether a script of statements declares anything that would be run, but for what the database's own recovery
     * needs.
     */
    static boolean isIn(String statement) {
        String plain = statement.strip().toUpperCase(java.util.Locale.ROOT);
        boolean declares = plain.startsWith("CREATE")
                && (plain.contains(" TRIGGER ")
                        || plain.contains(" ALIAS ")
                        || plain.contains(" AGGREGATE ")
                        || plain.contains(" LINKED ")
                        || plain.contains(" VIEW "));
        return declares && !plain.contains("'" + OWN_CLASSES.toUpperCase(java.util.Locale.ROOT) + ".");
    }
}
