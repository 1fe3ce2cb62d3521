package fluidframe.core.compose;

/**
 * How many steps a stretch of music is danced with: the fewest that the dance's figures have for their time, as many as
 * usual, or the most.
 */
public enum Fullness {
    SPARSE,
    USUAL,
    FULL
}
