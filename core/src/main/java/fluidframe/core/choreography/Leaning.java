package fluidframe.core.choreography;

/** What one answer leans to: what it has more of than the others. */
public enum Leaning {
    /** Nothing above all else. */
    BALANCED,
    /** Covers the most ground. */
    TRAVELLING,
    /** Opens the hold most, in dances that stay where they are. */
    OPEN,
    CALM,
    TURNING,
    EASY_FOR_HER,
    BRILLIANT
}
