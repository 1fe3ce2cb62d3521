package fluidframe.app.dances;

/**
 * A dance is about to be held again as the catalogue has it.
 *
 * @param dance its id
 */
public record DanceCustomDeletion(String dance) {}
