package fluidframe.app.problems;

/** Ends the program where it could not answer any more: what is kept is on the disk, and a program that is started again answers. */
public final class LastWords {

    private static final int ENDED_ITSELF = 3;

    private LastWords() {
    }

    /** Has every thread end the program once it finds no memory. */
    public static void listen() {
        Thread.setDefaultUncaughtExceptionHandler((thread, thrown) -> {
            if (thrown instanceof OutOfMemoryError error) {
                end(error);
            }
            thrown.printStackTrace();
        });
    }

    /** Ends the program at once for want of memory. */
    public static void end(OutOfMemoryError error) {
        end("Fluid Frame has no memory left (" + error.getMessage() + ") and ends. Everything that was kept is safe. Start it again, with a larger HEAP if this comes back.");
    }

    /** Ends the program at once. */
    public static void end(String sentence) {
        System.err.println(sentence);
        Runtime.getRuntime().halt(ENDED_ITSELF);
    }
}
