package fluidframe.core.piece;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.time.Beats;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;

class NotesReaderTest {

    private static final int QUARTER = 480;

    /** A file being made: quarter notes for so many beats, with whatever else. */
    private static final class Notes {
        private final Sequence sequence = sequence(Sequence.PPQ);
        private final Track track = sequence.createTrack();

        Notes(int quarters) throws InvalidMidiDataException {
            for (int i = 0; i < quarters; i++) {
                track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 0, 60, 90), (long) i * QUARTER));
                track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, 0, 60, 0), (i + 1L) * QUARTER));
            }
        }

        private static Sequence sequence(float division) {
            try {
                return new Sequence(division, QUARTER);
            } catch (InvalidMidiDataException e) {
                throw new IllegalStateException(e);
            }
        }

        Notes with(int type, int quarter, byte... data) throws InvalidMidiDataException {
            track.add(new MidiEvent(new MetaMessage(type, data, data.length), (long) quarter * QUARTER));
            return this;
        }

        Notes marker(int quarter, String text) throws InvalidMidiDataException {
            return with(0x06, quarter, text.getBytes(StandardCharsets.UTF_8));
        }

        Notes tempo(int quarter, int microseconds) throws InvalidMidiDataException {
            return with(0x51, quarter, (byte) (microseconds >> 16), (byte) (microseconds >> 8), (byte) microseconds);
        }
    }

    @Test
    void tempoMetreAndMarkersBecomeAPiece() throws InvalidMidiDataException {
        Notes notes = new Notes(60)
                .with(0x58, 0, (byte) 3, (byte) 2, (byte) 24, (byte) 8)
                .tempo(0, 666_667)
                .tempo(48, 1_000_000)
                .with(0x03, 0, "Lantern Walk".getBytes(StandardCharsets.UTF_8))
                .marker(0, "Intro")
                .marker(12, "Verse 1")
                .marker(36, "Chorus")
                .marker(39, "hit");
        PieceLine line = NotesReader.read(WrittenNotes.file(notes.sequence), 8);
        Piece piece = line.piece().orElseThrow();
        assertThat(piece.title()).isEqualTo("Lantern Walk");
        assertThat(piece.bar()).isEqualTo(Beats.of(3));
        assertThat(piece.sections())
                .extracting(PieceSection::name)
                .containsExactly("introduction", "Verse 1", "chorus");
        assertThat(piece.sections()).extracting(PieceSection::bars).containsExactly(4, 8, 8);
        assertThat(Math.round(piece.tempo().opening())).isEqualTo(30);
        assertThat(piece.tempo().barsPerMinute(48)).isEqualTo(20);
        assertThat(piece.hits()).containsExactly(new Hit(Beats.of(39), HitKind.ACCENT));
        assertThat(line.sentences()).isEmpty();
    }

    @Test
    void aShortFirstBarIsAnUpBeat() throws InvalidMidiDataException {
        Notes notes = new Notes(13)
                .with(0x58, 0, (byte) 1, (byte) 2)
                .with(0x58, 1, (byte) 3, (byte) 2)
                .tempo(0, 666_667)
                .marker(1, "Verse")
                .marker(4, "hit");
        PieceLine line = NotesReader.read(WrittenNotes.file(notes.sequence), 8);
        assertThat(line.piece().orElseThrow()).satisfies(piece -> {
            assertThat(piece.upBeat()).isEqualTo(Beats.ONE);
            assertThat(piece.bar()).isEqualTo(Beats.of(3));
            assertThat(piece.bars()).isEqualTo(4);
            assertThat(piece.hits()).containsExactly(new Hit(Beats.of(3), HitKind.ACCENT));
        });
        assertThat(line.sentences()).isEmpty();
        PieceLine changing = NotesReader.read(
                WrittenNotes.file(
                        new Notes(12).with(0x58, 0, (byte) 2, (byte) 2).with(0x58, 4, (byte) 3, (byte) 2).sequence),
                8);
        assertThat(changing.piece().orElseThrow().upBeat()).isEqualTo(Beats.ZERO);
        assertThat(changing.sentences()).contains("Its metre changes; all of it is counted in 2.");
    }

    @Test
    void whatAFileDoesNotSayIsSaid() throws InvalidMidiDataException {
        PieceLine line = NotesReader.read(WrittenNotes.file(new Notes(16).sequence), 8);
        assertThat(line.piece().orElseThrow().tempo().opening()).isEqualTo(30);
        assertThat(line.sentences())
                .containsExactly(
                        "It states no metre; it is taken to be in four.",
                        "It states no tempo; as the standard says then, it is taken to be 120 quarter notes a minute, 30 bars a minute.",
                        "It has no markers; it is one section of 4 bars.");
    }

    @Test
    void aFileWithoutNotesOrBeatsIsRefusedInASentence() throws InvalidMidiDataException {
        assertThat(NotesReader.read(WrittenNotes.file(new Notes(0).sequence), 8))
                .satisfies(line -> {
                    assertThat(line.piece()).isEmpty();
                    assertThat(line.sentences()).containsExactly("No note was found in it.");
                });
        assertThat(NotesReader.read(
                                NotesFile.read(HexFormat.of()
                                        .parseHex("4d54686400000006000000018128" + "4d54726b0000000400ff2f00")),
                                8)
                        .sentences())
                .containsExactly("Its times are frames of a film, not beats; a file with beats is needed.");
    }

    @Test
    void aMetreOfEighthsIsDancedInThree() throws InvalidMidiDataException {
        PieceLine line = NotesReader.read(
                WrittenNotes.file(new Notes(12)
                        .with(0x58, 0, (byte) 6, (byte) 3)
                        .tempo(0, 500_000)
                        .marker(0, "Verse")
                        .marker(6, "Stop")
                        .sequence),
                8);
        assertThat(line.sentences())
                .containsExactly("Its metre is 6/8; each three eighths are taken to be a bar in three.");
        assertThat(line.piece().orElseThrow()).satisfies(piece -> {
            assertThat(piece.bar()).isEqualTo(Beats.of(3));
            assertThat(piece.bars()).isEqualTo(8);
            assertThat(piece.tempo().opening()).isEqualTo(80);
            assertThat(piece.hits()).containsExactly(new Hit(Beats.of(12), HitKind.STOP));
        });
    }

    @Test
    void aMetreThatNobodyDancesIsTakenToBeInFour() throws InvalidMidiDataException {
        PieceLine line = NotesReader.read(
                WrittenNotes.file(new Notes(20)
                        .with(0x58, 0, (byte) 5, (byte) 2)
                        .tempo(0, 500_000)
                        .marker(0, "Verse")
                        .sequence),
                8);
        assertThat(line.sentences()).containsExactly("Its metre is 5/4; it is taken to be in four.");
        assertThat(line.piece().orElseThrow().bars()).isEqualTo(5);
        PieceLine unreadable = NotesReader.read(
                WrittenNotes.file(
                        new Notes(8).with(0x58, 0, (byte) 3).tempo(0, 500_000).marker(0, "Verse").sequence),
                8);
        assertThat(unreadable.sentences()).containsExactly("It states no metre; it is taken to be in four.");
    }

    @Test
    void aTempoThatIsNoneIsLeftOutAndOfTwoOnOneBeatTheLastHolds() throws InvalidMidiDataException {
        PieceLine line = NotesReader.read(
                WrittenNotes.file(new Notes(16)
                        .with(0x58, 0, (byte) 4, (byte) 2)
                        .tempo(0, 500_000)
                        .tempo(0, 400_000)
                        .tempo(8, 30_000)
                        .with(0x51, 12, (byte) 1)
                        .marker(0, "Verse")
                        .sequence),
                8);
        assertThat(line.sentences())
                .containsExactly(
                        "A tempo of 500 bars a minute is left out: expected 1 to 400.",
                        "A tempo of 0 bars a minute is left out: expected 1 to 400.");
        assertThat(line.piece().orElseThrow().tempo().barsPerMinute(15)).isEqualTo(37.5);
    }

    @Test
    void whatComesBeforeTheFirstMarkerIsAnIntroductionAndWhatIsBehindTheEndIsNothing() throws InvalidMidiDataException {
        Piece piece = NotesReader.read(
                        WrittenNotes.file(new Notes(32)
                                .with(0x58, 0, (byte) 4, (byte) 2)
                                .tempo(0, 500_000)
                                .marker(8, "Harbour theme")
                                .marker(8, "Chorus")
                                .marker(16, "silence")
                                .marker(20, "break")
                                .marker(40, "Ending")
                                .marker(40, "hit")
                                .with(0x05, 4, "boats".getBytes(StandardCharsets.UTF_8))
                                .with(0x05, 5, "a".getBytes(StandardCharsets.UTF_8))
                                .with(0x07, 12, "swell".getBytes(StandardCharsets.UTF_8))
                                .sequence),
                        8)
                .piece()
                .orElseThrow();
        assertThat(piece.sections())
                .extracting(section -> section.name() + " " + section.bars())
                .containsExactly("introduction 2", "Harbour theme 3", "break 3");
        assertThat(piece.hits())
                .containsExactly(new Hit(Beats.of(12), HitKind.SWELL), new Hit(Beats.of(16), HitKind.BREAK));
        assertThat(piece.cueWords()).containsExactly(new CueWord(Beats.of(4), "boats"));
    }

    @Test
    void moreBarsThanAPieceHasAreRefused() throws InvalidMidiDataException {
        PieceLine line = NotesReader.read(WrittenNotes.file(new Notes(4 * Piece.MOST_BARS + 4).sequence), 8);
        assertThat(line.piece()).isEmpty();
        assertThat(line.sentences())
                .last()
                .isEqualTo("It has " + (Piece.MOST_BARS + 1) + " bars; a piece has 1 to " + Piece.MOST_BARS + ".");
    }
}
