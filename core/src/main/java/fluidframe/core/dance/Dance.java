package fluidframe.core.dance;

import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Tempo;

/**
 * One dance.
 *
 * @param id         stable name used in books and addresses, for example {@code waltz}
 * @param title      name for people
 * @param style      its family
 * @param rhythm     how it counts
 * @param slowest    lower end of the usual tempo range
 * @param fastest    upper end of the usual tempo range
 * @param travels    whether it goes round the room, so that alignments bind; otherwise it stays on the spot
 * @param dancesQuarters whether its basic rhythm has steps of a quarter of a beat
 * @param stepLength metres of an ordinary forward step of a dancer 1.75 m tall, from common teaching practice
 */
public record Dance(String id, String title, Style style, Rhythm rhythm, Tempo slowest, Tempo fastest,
                    boolean travels, boolean dancesQuarters, double stepLength) {
}
