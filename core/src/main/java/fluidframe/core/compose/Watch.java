package fluidframe.core.compose;

/** Watches a search while it runs, and may end it. */
@FunctionalInterface
public interface Watch {

    /** Asked now and then; once it says so, the best found so far is returned. */
    boolean stops();

    /**
     * Told now and then how far the search is.
     *
     * @param sequences how many sequences have been looked at
     * @param answers how many answers have been found
     */
    default void saw(int sequences, int answers) {}
}
