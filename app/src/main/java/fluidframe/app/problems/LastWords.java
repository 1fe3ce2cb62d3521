package fluidframe.app.problems;

/**
 * Ends the program where it could not answer any more: what is kept is on the disk, and a program that is started again
 * answers.
 */
public final class LastWords {

    private static final int ENDED_ITSELF = 3;
    private static final int DEEPEST = 20;

    private LastWords() {}

    /** Has every thread end the program once it finds no memory. */
    public static void listen() {
        Thread.setDefaultUncaughtExceptionHandler((thread, thrown) -> {
            heed(thrown);
            thrown.printStackTrace();
        });
    }

    /**
     * Ends the program if this came of a want of memory, however it is wrapped: it would live on without answering
     * anyone.
     */
    public static void heed(Throwable thrown) {
        int deep = 0;
        for (Throwable cause = thrown; cause != null && deep < DEEPEST; cause = cause.getCause()) {
            if (cause instanceof OutOfMemoryError error) {
                end(error);
            }
            deep++;
        }
    }

    private static void end(OutOfMemoryError error) {
        end(ProblemsSentences.fluidFrameHasNoMemoryLeft(error.getMessage()));
    }

    /** Ends the program at once. */
    public static void end(String sentence) {
        System.err.println(sentence);
        Runtime.getRuntime().halt(ENDED_ITSELF);
    }
}
