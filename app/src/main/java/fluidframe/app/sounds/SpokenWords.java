package fluidframe.app.sounds;

import fluidframe.core.sound.Spoken;
import fluidframe.core.sound.Synthesizer;
import fluidframe.core.sound.Voice;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/**
 * The voice that ships with the program: short recordings of every word, 16 bits, mono, at half the rate of the
 * synthesizer.
 */
@Component
@Lazy
class SpokenWords implements Voice {

    private static final double LARGEST = 32768;

    private final Map<String, float[]> words = new HashMap<>();

    SpokenWords() {
        Spoken.WORDS.forEach(word -> words.put(word, read(word)));
    }

    @Override
    public float[] say(String word) {
        return words.get(word);
    }

    private static float[] read(String word) {
        String name = "/fluidframe/voice/" + word + ".wav";
        try (InputStream file = SpokenWords.class.getResourceAsStream(name);
                AudioInputStream audio = AudioSystem.getAudioInputStream(new BufferedInputStream(file))) {
            if (audio.getFormat().getSampleRate() * 2 != Synthesizer.RATE
                    || audio.getFormat().getChannels() != 1
                    || audio.getFormat().isBigEndian()) {
                throw new IllegalStateException(
                        name + " is " + audio.getFormat() + ": expected mono at half of " + Synthesizer.RATE);
            }
            return doubled(audio.readAllBytes());
        } catch (UnsupportedAudioFileException e) {
            throw new IllegalStateException(name + " is not a sound", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static float[] doubled(byte[] bytes) {
        float[] samples = new float[bytes.length];
        for (int i = 0; i + 1 < bytes.length; i += 2) {
            samples[i] = (float) ((short) (bytes[i + 1] << 8 | bytes[i] & 0xff) / LARGEST);
        }
        for (int i = 1; i < samples.length; i += 2) {
            samples[i] = i + 1 < samples.length ? (samples[i - 1] + samples[i + 1]) / 2 : samples[i - 1] / 2;
        }
        return samples;
    }
}
