package fluidframe.app.sounds;

import fluidframe.core.sound.Recording;
import fluidframe.core.sound.Synthesizer;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;

/** Samples as WAV and notes as standard MIDI files. */
final class SoundFiles {

    static final String WAV = "audio/wav";
    static final String MIDI = "audio/midi";
    private static final int HEADER = 44;

    private SoundFiles() {}

    static byte[] wav(short[] samples) {
        return ByteBuffer.allocate(HEADER + samples.length * Short.BYTES)
                .put(header(samples.length))
                .put(littleEndian(samples))
                .array();
    }

    /** How long the file of a recording is. */
    static long bytes(Recording recording) {
        return HEADER + (long) recording.length() * Short.BYTES;
    }

    /** Writes the file while it is played. */
    static void play(Recording recording, HttpServletResponse response) {
        try {
            OutputStream file = response.getOutputStream();
            file.write(header(recording.length()));
            recording.play(samples -> write(littleEndian(samples), file));
        } catch (IOException e) {
            throw new UncheckedIOException("The sound could not be sent to its end.", e);
        }
    }

    private static void write(byte[] bytes, OutputStream file) {
        try {
            file.write(bytes);
        } catch (IOException e) {
            throw new UncheckedIOException("The sound could not be sent to its end.", e);
        }
    }

    /** RIFF, with one chunk that says the form and one with the samples: mono, 16 bits. */
    private static byte[] header(int samples) {
        int bytes = samples * Short.BYTES;
        return ByteBuffer.allocate(HEADER)
                .order(ByteOrder.LITTLE_ENDIAN)
                .put("RIFF".getBytes(StandardCharsets.US_ASCII))
                .putInt(HEADER - 8 + bytes)
                .put("WAVE".getBytes(StandardCharsets.US_ASCII))
                .put("fmt ".getBytes(StandardCharsets.US_ASCII))
                .putInt(16)
                .putShort((short) 1)
                .putShort((short) 1)
                .putInt(Synthesizer.RATE)
                .putInt(Synthesizer.RATE * Short.BYTES)
                .putShort((short) Short.BYTES)
                .putShort((short) Short.SIZE)
                .put("data".getBytes(StandardCharsets.US_ASCII))
                .putInt(bytes)
                .array();
    }

    private static byte[] littleEndian(short[] samples) {
        ByteBuffer bytes = ByteBuffer.allocate(samples.length * Short.BYTES).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        return bytes.array();
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
