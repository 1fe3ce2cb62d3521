package fluidframe.core.sound;

import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Tempo;

/**
 * A track played into samples.
 *
 * @param samples mono, 16 bits, {@link Synthesizer#RATE} a second, from the start of the count-in
 */
public record Recording(short[] samples) {

    /** Longer than any routine, danced at the slowest. */
    public static final double MOST_SECONDS = 1200;
    private static final double RINGS_OUT = 0.6;

    /**
     * @param percent how fast, of the tempo
     * @throws IllegalArgumentException if it would last longer than {@value #MOST_SECONDS} seconds
     */
    public static Recording of(Track track, Rhythm rhythm, Tempo tempo, double percent, Synthesizer synthesizer) {
        double seconds = seconds(track, track.length(), rhythm, tempo, percent);
        if (seconds > MOST_SECONDS) {
            throw new IllegalArgumentException("at that tempo it lasts " + Math.round(seconds) + " seconds: expected at most " + Math.round(MOST_SECONDS));
        }
        float[] mixed = new float[(int) Math.ceil((seconds + RINGS_OUT) * Synthesizer.RATE)];
        for (Cue cue : track.cues()) {
            if (cue.gain() > 0) {
                mix(mixed, sampleOf(track, cue.at(), rhythm, tempo, percent), synthesizer.samples(cue.sound()), (float) cue.loudness());
            }
        }
        short[] samples = new short[mixed.length];
        for (int i = 0; i < mixed.length; i++) {
            samples[i] = Synthesizer.rounded(mixed[i]);
        }
        return new Recording(samples);
    }

    /** The sample at which a point of the track is heard. */
    static int sampleOf(Track track, Beats at, Rhythm rhythm, Tempo tempo, double percent) {
        return (int) Math.round(seconds(track, at, rhythm, tempo, percent) * Synthesizer.RATE);
    }

    private static double seconds(Track track, Beats at, Rhythm rhythm, Tempo tempo, double percent) {
        return tempo.seconds(rhythm, at.plus(track.countIn())) * 100 / percent;
    }

    private static void mix(float[] mixed, int from, float[] samples, float gain) {
        int end = Math.min(samples.length, mixed.length - from);
        for (int i = 0; i < end; i++) {
            mixed[from + i] += samples[i] * gain;
        }
    }
}
