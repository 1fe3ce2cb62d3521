package fluidframe.core.routine;

/**
 * Where a section of a routine begins; it runs on to the next one.
 *
 * @param title what a person calls it
 * @param times how often it is danced
 */
public record Section(String title, int times) {

    public static final int MOST_TIMES = 8;

    /** @throws IllegalArgumentException if it is danced less than once or more than {@value #MOST_TIMES} times */
    public Section {
        if (times < 1 || times > MOST_TIMES) {
            throw new IllegalArgumentException(RoutineSentences.aSectionDancedTimesExpected1(times, MOST_TIMES));
        }
    }
}
