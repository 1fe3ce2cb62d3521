package fluidframe.core.sound;

import fluidframe.core.time.Beats;

/**
 * A sound at its time.
 *
 * @param at beats from the start of the stretch, less than zero in the count-in
 * @param gain how loud, from 0 to 1
 */
public record Cue(Beats at, Sound sound, double gain) {

    /** Several sounds at once must still fit: each is played so much softer than it is made. */
    private static final double HEADROOM = 0.6;

    /** By how much its samples are multiplied where it is mixed with others. */
    public double loudness() {
        return gain * HEADROOM;
    }
}
