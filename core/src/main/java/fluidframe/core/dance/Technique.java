package fluidframe.core.dance;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What the rules of technique ask of a dance. From general knowledge of technique as it is commonly taught.
 *
 * @param heelLead how a step forward from lowered meets the floor
 * @param rises whether it rises and falls; otherwise the knees stay flexed and the head level
 * @param sways whether the body sways with the swing; otherwise it stays upright
 * @param contraryMovement whether turns begin with contrary body movement
 * @param hipAction whether it is danced through the hips over the ball of the foot: the whole foot may take the floor
 *     going back and in a lock in front, and the ball turns by half
 * @param quarterBeats whether its basic rhythm has steps of a quarter of a beat
 * @param shortestStep seconds a change of weight wants at top tempo
 * @param lowering seconds it takes to lower the heel of a short step and to rise again
 */
@RecordBuilder
public record Technique(
        HeelLead heelLead,
        boolean rises,
        boolean sways,
        boolean contraryMovement,
        boolean hipAction,
        boolean quarterBeats,
        double shortestStep,
        double lowering)
        implements TechniqueBuilder.With {

    private static final double SHORTEST_STEP = 0.17;
    private static final double LOWERING = 0.3;

    /** The swinging dances. */
    public static final Technique SWING =
            new Technique(HeelLead.WANTED, true, true, true, false, false, SHORTEST_STEP, LOWERING);
    /** Taken on the heel, without rise. */
    public static final Technique TANGO = SWING.withRises(false);
    /** Danced through the hips. */
    public static final Technique LATIN =
            new Technique(HeelLead.FORBIDDEN, false, false, false, true, false, SHORTEST_STEP, LOWERING);
    /** Marched: heel or ball. */
    public static final Technique MARCH = LATIN.withHeelLead(HeelLead.ALLOWED);

    public Technique withQuarterBeats() {
        return withQuarterBeats(true);
    }
}
