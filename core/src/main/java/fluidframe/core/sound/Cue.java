package fluidframe.core.sound;

import fluidframe.core.time.Beats;

/**
 * A sound at its time.
 *
 * @param at   beats from the start of the stretch, less than zero in the count-in
 * @param gain how loud, from 0 to 1
 */
public record Cue(Beats at, Sound sound, double gain) {
}
