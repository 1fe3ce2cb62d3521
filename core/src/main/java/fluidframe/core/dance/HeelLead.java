package fluidframe.core.dance;

/** Whether a step forward from a lowered position leads with the heel. */
public enum HeelLead {
    /** It does: the swinging leg arrives heel first. */
    WANTED,
    /** Either is danced: who marches leads with the heel, who dances on the ball does not. */
    ALLOWED,
    /** It does not: the foot arrives ball first, and the hip settles over it. */
    FORBIDDEN
}
