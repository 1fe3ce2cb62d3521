package fluidframe.core.piece;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;

/** Notes as the platform writes them into a file. */
public final class WrittenNotes {

    private WrittenNotes() {}

    public static byte[] bytes(Sequence sequence) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            MidiSystem.write(sequence, sequence.getTracks().length > 1 ? 1 : 0, out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static NotesFile file(Sequence sequence) {
        return NotesFile.read(bytes(sequence));
    }
}
