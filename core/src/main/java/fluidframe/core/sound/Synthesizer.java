package fluidframe.core.sound;

import fluidframe.core.music.Percussion;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;

/** Makes every sound, the spoken words with a voice of its own; the same sound always the same, to the sample. */
public final class Synthesizer {

    /** Samples a second. */
    public static final int RATE = 44_100;

    private static final double FADE_SECONDS = 0.004;
    private static final int A_KEY = 69;
    private static final double A_HERTZ = 440;

    private final Voice voice;
    private final Map<Sound, float[]> made = new ConcurrentHashMap<>();

    public Synthesizer(Voice voice) {
        this.voice = voice;
    }

    /** Samples from −1 to 1 that nobody may change; the first is already heard. */
    float[] samples(Sound sound) {
        return made.computeIfAbsent(sound, this::make);
    }

    /** A sound alone, 16 bits a sample. */
    public short[] alone(Sound sound) {
        float[] samples = samples(sound);
        short[] rounded = new short[samples.length];
        for (int i = 0; i < samples.length; i++) {
            rounded[i] = rounded(samples[i]);
        }
        return rounded;
    }

    static short rounded(float sample) {
        return (short) Math.round(Math.max(-1, Math.min(1, sample)) * Short.MAX_VALUE);
    }

    private float[] make(Sound sound) {
        if (sound instanceof Sound.Word word) {
            return voice.say(word.text());
        }
        if (sound instanceof Sound.Click click) {
            return click(click);
        }
        if (sound instanceof Sound.Drum drum) {
            return drum(drum.struck());
        }
        if (sound instanceof Sound.Bass bass) {
            return plucked(new int[] {bass.key()}, 0.5, 0.22, 0.8);
        }
        return plucked(((Sound.Chord) sound).keys(), 0.4, 0.13, 0.3);
    }

    private static float[] click(Sound.Click click) {
        return switch (click) {
            case STRONG -> tone(0.06, t -> 0.9 * Math.exp(-t / 0.012) * Math.cos(turns(1760 * t)));
            case MIDDLE -> tone(0.06, t -> 0.65 * Math.exp(-t / 0.011) * Math.cos(turns(1320 * t)));
            case WEAK -> tone(0.06, t -> 0.5 * Math.exp(-t / 0.01) * Math.cos(turns(990 * t)));
        };
    }

    private static float[] drum(Percussion drum) {
        Random noise = new Random(drum.ordinal());
        return switch (drum) {
            case LOW ->
                tone(0.3, t -> 0.9 * Math.exp(-t / 0.09) * Math.cos(turns(52 * t + 3 * (1 - Math.exp(-t / 0.03)))));
            case SNARE -> tone(0.2, t -> Math.exp(-t / 0.05) * (0.3 * Math.cos(turns(190 * t)) + 0.4 * hiss(noise)));
            case BRUSH -> tone(0.16, t -> 0.35 * Math.exp(-t / 0.045) * hiss(noise));
            case SHAKER -> tone(0.08, t -> 0.3 * Math.exp(-t / 0.02) * hiss(noise));
            case WOOD ->
                tone(
                        0.1,
                        t -> Math.exp(-t / 0.02) * (0.5 * Math.cos(turns(880 * t)) + 0.25 * Math.cos(turns(1510 * t))));
            case BELL ->
                tone(
                        0.25,
                        t -> Math.exp(-t / 0.07) * (0.3 * Math.cos(turns(562 * t)) + 0.3 * Math.cos(turns(845 * t))));
        };
    }

    private static float[] plucked(int[] keys, double seconds, double decay, double loudness) {
        return tone(seconds, t -> {
            double sum = 0;
            for (int key : keys) {
                double hertz = A_HERTZ * Math.pow(2, (key - A_KEY) / 12.0);
                for (int partial = 1; partial <= 5; partial++) {
                    sum += Math.cos(turns(hertz * partial * t)) * Math.exp(-t * partial / decay) / partial;
                }
            }
            return loudness * sum / 2.3;
        });
    }

    private static double turns(double turns) {
        return 2 * Math.PI * turns;
    }

    private static double hiss(Random noise) {
        return noise.nextDouble() * 2 - 1;
    }

    /** How a sound swings over time. */
    private interface Swing {
        double at(double seconds);
    }

    private static float[] tone(double seconds, Swing swing) {
        float[] samples = new float[(int) (seconds * RATE)];
        for (int i = 0; i < samples.length; i++) {
            double left = (samples.length - i) / (FADE_SECONDS * RATE);
            samples[i] = (float) (swing.at((double) i / RATE) * Math.min(1, left));
        }
        return samples;
    }
}
