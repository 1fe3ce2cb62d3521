package fluidframe.app.storage;

import org.springframework.scheduling.annotation.Scheduled;

/** Looks after the database file: whether there is room, and whether it is quiet enough to make it small. */
final class StorageWatch {

    private static final int LOOK_MILLISECONDS = 1_000;
    private static final int COMPACT_MILLISECONDS = 30_000;

    private final Database database;

    StorageWatch(Database database) {
        this.database = database;
    }

    @Scheduled(fixedDelay = LOOK_MILLISECONDS)
    void look() {
        database.look();
        database.compactIfWanted();
    }

    @Scheduled(fixedDelay = COMPACT_MILLISECONDS, initialDelay = COMPACT_MILLISECONDS)
    void compact() {
        database.compactWhenQuiet();
    }
}
