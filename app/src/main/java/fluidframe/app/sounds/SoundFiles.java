package fluidframe.app.sounds;

import fluidframe.core.sound.Synthesizer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** Samples as WAV and notes as standard MIDI files. */
final class SoundFiles {

    static final String WAV = "audio/wav";
    static final String MIDI = "audio/midi";
    private static final int HEADER = 64;

    private SoundFiles() {
    }

    static byte[] wav(short[] samples) {
        ByteBuffer bytes = ByteBuffer.allocate(samples.length * Short.BYTES).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        AudioFormat format = new AudioFormat(Synthesizer.RATE, Short.SIZE, 1, true, false);
        ByteArrayOutputStream file = new ByteArrayOutputStream(bytes.capacity() + HEADER);
        try (AudioInputStream audio = new AudioInputStream(new ByteArrayInputStream(bytes.array()), format, samples.length)) {
            AudioSystem.write(audio, AudioFileFormat.Type.WAVE, file);
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory cannot fail", e);
        }
        return file.toByteArray();
    }

    static byte[] midi(Sequence sequence) {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try {
            MidiSystem.write(sequence, 1, file);
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory cannot fail", e);
        }
        return file.toByteArray();
    }
}
