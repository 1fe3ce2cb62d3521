package fluidframe.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Random;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.SysexMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NotesFileTest {

    private static final String HEADER = "4d546864000000060000000101e0";

    private record Seen(long tick, int type, String data) {}

    @Test
    void whatThePlatformWritesIsReadAsItWasMeant() throws InvalidMidiDataException {
        Random random = new Random(5);
        for (int time = 0; time < 40; time++) {
            Sequence sequence = new Sequence(Sequence.PPQ, 1 + random.nextInt(960));
            List<Seen> meant = new ArrayList<>();
            for (int i = 1 + random.nextInt(3); i > 0; i--) {
                fill(sequence.createTrack(), random, meant);
            }
            List<Seen> read = WrittenNotes.file(sequence).events().stream()
                    .filter(event -> event.type() != 0x2f)
                    .map(event ->
                            new Seen(event.tick(), event.type(), HexFormat.of().formatHex(event.data())))
                    .toList();
            meant.sort(Comparator.comparingLong(Seen::tick));
            assertThat(read).containsExactlyInAnyOrderElementsOf(meant);
            assertThat(WrittenNotes.file(sequence).ticksPerQuarter()).isEqualTo(sequence.getResolution());
        }
    }

    private static void fill(Track track, Random random, List<Seen> meant) throws InvalidMidiDataException {
        for (int i = random.nextInt(30); i > 0; i--) {
            long tick = random.nextInt(100_000);
            switch (random.nextInt(4)) {
                case 0 -> {
                    byte[] data = new byte[random.nextInt(300)];
                    random.nextBytes(data);
                    int type = 1 + random.nextInt(7);
                    meant.add(new Seen(tick, type, HexFormat.of().formatHex(data)));
                    track.add(new MidiEvent(new MetaMessage(type, data, data.length), tick));
                }
                case 1 ->
                    track.add(new MidiEvent(new SysexMessage(new byte[] {(byte) 0xf0, 1, 2, (byte) 0xf7}, 4), tick));
                default -> {
                    boolean program = random.nextInt(3) == 0;
                    meant.add(new Seen(tick, -1, ""));
                    track.add(new MidiEvent(
                            program
                                    ? new ShortMessage(ShortMessage.PROGRAM_CHANGE, 1, i, 0)
                                    : new ShortMessage(ShortMessage.NOTE_ON, i % 16, i, random.nextInt(128)),
                            tick));
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "a text that claims a quarter of a gigabyte, 4d54726b0000000a00ff06ffffff7f00ff2f, 'byte 29: expected at most the 3 bytes that are left of its track'",
        "a system message that does, 4d54726b0000000700f0ffffff7f00, 'byte 28: expected at most the 1 bytes that are left of its track'",
        "a track that does, 4d54726b7fffffff00ff2f00, 'byte 22: expected a length of at most the 4 bytes that follow'",
        "a negative length, 4d54726bffffffff00ff2f00, 'byte 22: expected a length of at most the 4 bytes that follow'",
        "a note with no message before it, 4d54726b00000003003c40, 'byte 23: expected a message to an instrument'",
        "a time without an end, 4d54726b00000006ffffffffff7f, 'byte 26: expected a number of at most four bytes'"
    })
    void noLengthIsBelievedThatTheFileDoesNotHave(String what, String track, String sentence) {
        assertThatThrownBy(() -> NotesFile.read(HexFormat.of().parseHex(HEADER + track)))
                .as(what)
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage(sentence);
    }

    @Test
    void aFileCutShortAnywhereIsReadOrRefused() throws InvalidMidiDataException {
        Sequence sequence = new Sequence(Sequence.PPQ, 96);
        fill(sequence.createTrack(), new Random(9), new ArrayList<>());
        byte[] whole = WrittenNotes.bytes(sequence);
        for (int length = 0; length < whole.length; length++) {
            byte[] cut = java.util.Arrays.copyOf(whole, length);
            try {
                assertThat(NotesFile.read(cut).events()).isEmpty();
            } catch (IllegalArgumentException refused) {
                assertThat(refused.getMessage()).startsWith("byte ");
            }
        }
    }
}
