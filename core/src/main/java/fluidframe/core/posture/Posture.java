package fluidframe.core.posture;

/**
 * How one of the two stands, from the feet up.
 *
 * @param lean degrees by which the upper body leans forward from the hips; backward where negative
 * @param note in the coach's words
 */
public record Posture(
        FeetStance feet,
        Knees knees,
        Hips hips,
        Ribs ribs,
        Shoulders shoulders,
        HeadTurn head,
        WeightPlace weight,
        int lean,
        String note) {

    public static final int MOST_FORWARD = 20;
    public static final int MOST_BACKWARD = -30;

    /** @throws IllegalArgumentException if nobody leans so far */
    public Posture {
        if (lean < MOST_BACKWARD || lean > MOST_FORWARD) {
            throw new IllegalArgumentException(
                    PostureSentences.aLeanOfDegreesExpectedTo(lean, MOST_BACKWARD, MOST_FORWARD));
        }
    }
}
