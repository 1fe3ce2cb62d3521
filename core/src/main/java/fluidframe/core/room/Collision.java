package fluidframe.core.room;

/**
 * Where the couple would hit something.
 *
 * @param placement index of what is danced then
 * @param beat when, from the start of the routine
 * @param bar bar, from 1
 * @param what what is hit
 * @param wall whether that is a wall; else something that stands on the floor
 * @param metres by how much more they would have to keep away
 */
public record Collision(int placement, double beat, int bar, String what, boolean wall, double metres) {}
