package fluidframe.core.sound;

import fluidframe.core.time.Beats;
import fluidframe.core.work.Stopping;
import fluidframe.core.work.TooMuchException;
import java.nio.ShortBuffer;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.function.Consumer;

/**
 * A track played into samples, a second at a time, so that however long it is it takes no more memory than a second.
 * Mono, 16 bits, {@link Synthesizer#RATE} samples a second, from the start of the count-in.
 */
public final class Recording {

    /** Longer than any routine, danced at the slowest. */
    public static final double MOST_SECONDS = 1200;

    private static final double RINGS_OUT = 0.6;
    private static final int BLOCK = Synthesizer.RATE;

    private final List<Played> played;
    private final int length;

    /** A sound that is heard from a sample on. */
    private record Played(int from, float[] samples, float gain) {

        int to() {
            return from + samples.length;
        }
    }

    private Recording(List<Played> played, int length) {
        this.played = played;
        this.length = length;
    }

    /**
     * @param percent how fast, of the tempo
     * @throws TooMuchException if it would last longer than {@value #MOST_SECONDS} seconds
     */
    public static Recording of(Track track, double percent, Synthesizer synthesizer) {
        double seconds = track.seconds(track.length(), percent);
        if (seconds > MOST_SECONDS) {
            throw new TooMuchException(
                    SoundSentences.atThatTempoSeconds(Math.round(seconds)), "at most " + Math.round(MOST_SECONDS));
        }
        List<Played> played = new ArrayList<>();
        for (Cue cue : track.cues()) {
            Stopping.check();
            if (cue.gain() > 0) {
                played.add(new Played(
                        sampleOf(track, cue.at(), percent), synthesizer.samples(cue.sound()), (float) cue.loudness()));
            }
        }
        played.sort(Comparator.comparingInt(Played::from));
        return new Recording(played, (int) Math.ceil((seconds + RINGS_OUT) * Synthesizer.RATE));
    }

    /** How many samples it has. */
    public int length() {
        return length;
    }

    /** Plays it from beginning to end; each time the same to the sample. */
    public void play(Consumer<short[]> listener) {
        Deque<Played> heard = new ArrayDeque<>();
        int next = 0;
        for (int from = 0; from < length; from += BLOCK) {
            Stopping.check();
            int begins = from;
            int ends = Math.min(length, from + BLOCK);
            while (next < played.size() && played.get(next).from() < ends) {
                heard.add(played.get(next++));
            }
            float[] mixed = new float[ends - begins];
            heard.forEach(sound -> mix(mixed, begins, sound));
            heard.removeIf(sound -> sound.to() <= ends);
            listener.accept(rounded(mixed));
        }
    }

    /** All of it at once. */
    public short[] samples() {
        ShortBuffer samples = ShortBuffer.allocate(length);
        play(samples::put);
        return samples.array();
    }

    private static short[] rounded(float[] mixed) {
        short[] samples = new short[mixed.length];
        for (int i = 0; i < mixed.length; i++) {
            samples[i] = Synthesizer.rounded(mixed[i]);
        }
        return samples;
    }

    /** The sample at which a point of the track is heard. */
    static int sampleOf(Track track, Beats at, double percent) {
        return (int) Math.round(track.seconds(at, percent) * Synthesizer.RATE);
    }

    private static void mix(float[] mixed, int begins, Played sound) {
        int first = Math.max(begins, sound.from());
        int end = Math.min(begins + mixed.length, sound.to());
        for (int i = first; i < end; i++) {
            mixed[i - begins] += sound.samples()[i - sound.from()] * sound.gain();
        }
    }
}
