package fluidframe.core.routine;

import fluidframe.core.space.Heading;
import fluidframe.core.time.Beats;

/**
 * Where a placement lies in a routine.
 *
 * @param placement what is placed
 * @param onset     beats from the start of the routine
 * @param length    beats
 * @param bar       bar it begins in, from 1
 * @param beat      beat it begins on, from 1
 * @param side      side of the room it is danced on, from 0, one more after every corner
 * @param entry     where the man looks before it
 * @param exit      where the man looks after it
 */
public record ScoredPlacement(Placement placement, Beats onset, Beats length, int bar, int beat, int side, Heading entry,
                              Heading exit) {
}
