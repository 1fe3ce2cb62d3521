package fluidframe.core.routine;

/**
 * One time a placement is danced.
 *
 * @param index of the placement in the routine
 * @param round which time its section is danced, from 1
 * @param placement what is danced
 */
public record Passage(int index, int round, Placement placement) {}
