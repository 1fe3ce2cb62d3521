package fluidframe.core.rules;

import fluidframe.core.dance.Dance;

/**
 * A dance that is danced, and how fast.
 *
 * @param tempo bars a minute
 */
public record DanceRule(Dance dance, Limits tempo) {}
