package fluidframe.app.storage;

/** Who keeps what is kept just now: the coach, or the program where it brings in its own books. */
public final class Author {

    public static final String COACH = "coach";
    public static final String PROGRAM = StorageSentences.fluidFrame();
    private static final ThreadLocal<String> NOW = ThreadLocal.withInitial(() -> COACH);

    private Author() {}

    static String now() {
        return NOW.get();
    }

    /** What the work keeps on this thread is the program's own. */
    public static void program(Runnable work) {
        NOW.set(PROGRAM);
        try {
            work.run();
        } finally {
            NOW.remove();
        }
    }
}
