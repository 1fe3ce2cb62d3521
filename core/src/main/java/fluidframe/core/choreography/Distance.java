package fluidframe.core.choreography;

/**
 * How far an answer keeps from those before it.
 *
 * @param weight what is taken off for each bar and figure too many alike
 * @param mostInGroups how much of it may be danced in the same amalgamations, in hundredths
 */
record Distance(double weight, int mostInGroups) {

    static final Distance NONE = new Distance(0, 100);

    /**
     * Half at most; where the shelf of a level is too small for that, most of the same amalgamations in another order,
     * which is what coaches do then.
     */
    static final Distance[] NEAREST_LAST = {
        new Distance(2, Choreography.MOST_ALIKE), new Distance(6, Choreography.MOST_ALIKE), new Distance(4, 85)
    };
}
