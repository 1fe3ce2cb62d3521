package fluidframe.core.link;

/**
 * One figure danced before another.
 *
 * @param move how it is danced and from where
 * @param outcome how well it leads into the other
 * @param corner whether a corner is turned between them
 * @param exit how it leaves the couple, named from the next side after a corner
 */
public record Before(Move move, Outcome outcome, boolean corner, ExitState exit) {}
