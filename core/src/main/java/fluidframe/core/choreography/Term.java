package fluidframe.core.choreography;

/** What points are given or taken for. */
public enum Term {
    /** Amalgamations whole, or most of one, and figures that belong to none. */
    GROUPS,
    /** Amalgamations that begin and end with the music. */
    PHRASES,
    /** How it begins and how it comes to rest. */
    BEGINNING_AND_END,
    /** What is to be looked at, prepared and released. */
    HIGHLIGHTS,
    /** The curve of energy. */
    ENERGY,
    /** What was danced before. */
    REPETITION,
    /** How much of it is at the level danced. */
    LEVEL,
    /** Turning one way and the other. */
    TURN_BALANCE,
    /** Ground gained along the line, and room kept from the walls. */
    GROUND,
    /** Where and in what corners are turned. */
    CORNERS,
    /** Holds taken and opened again. */
    HOLD,
    /** Figures danced gladly. */
    FAVOURITES,
    /** Highlights that fall on hits of the music, and as many steps as were asked for. */
    MUSIC,
    /** Links that only bend. */
    BENDS,
    /** What this answer is to be more of than the others. */
    LEANING,
    /** What other answers have already. */
    ALIKE;

    /** How much each counts as usual. */
    public static final int USUAL_WEIGHT = 10;
    /** More would let one term drown all others. */
    public static final int MOST_WEIGHT = 100;

    /** What a coach can give more or less weight. */
    public boolean isWeighed() {
        return this != LEANING && this != ALIKE;
    }
}
