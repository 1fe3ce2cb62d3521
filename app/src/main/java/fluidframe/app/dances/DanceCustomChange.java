package fluidframe.app.dances;

/**
 * A dance is held differently from now on.
 *
 * @param dance its id
 */
public record DanceCustomChange(String dance) {}
