package fluidframe.core.step;

/**
 * What an action does to the body, as far as rules of technique ask. An action says all of it in one place, so that a
 * new one is known to every rule.
 */
public enum ActionTrait {
    /** The body turns on past the foot that is placed: it may go all the way round on that foot or on both. */
    GOES_ROUND,
    /** The body turns on a foot that bends the other way before or after: half a turn is the most. */
    TURNS_HALF,
    /** Made on one foot, which has to carry all of the weight before it turns. */
    ON_ONE_FOOT,
    /** Made on both feet, or by drawing one to the other: the weight may be on either. */
    ON_BOTH_FEET,
    /** The free foot is drawn to the other's heel, which stays on the floor and carries. */
    ON_THE_HEEL,
    /** Needs an upright axis: no sway, no lean. */
    UPRIGHT,
    /** Away from the partner's hands for as long as it lasts, and so free to go either way round. */
    LETS_GO,
    /** Makes beginners dizzy once the body has gone round: learned with a coach present. */
    SPINS,
    /** Turns go on from one row into the next. */
    CARRIES_TURN_ON,
    /** All the turn belongs to this row; there is nothing to share with the next. */
    TURN_IS_ITS_OWN,
    /** Too much turning for the first or the last figure of a routine, in which the couple are seen to arrive. */
    TURNS_AT_THE_ENDS,
    /** Footwork of its own: a forward step with it need not lead with the heel. */
    OWN_FOOTWORK,
    /** The body's travel stops or changes its way: the next figure may go anywhere. */
    STOPS_TRAVEL,
    /** Nothing new to learn, and nothing worth an exercise: everybody can do it. */
    EVERYDAY
}
