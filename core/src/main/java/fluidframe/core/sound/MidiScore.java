package fluidframe.core.sound;

import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import java.nio.charset.StandardCharsets;
import java.util.stream.IntStream;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;

/**
 * A track as notes. The words of the count are lyrics; clicks and drums go to the percussion channel, bass and chords
 * to channels of their own. Its ticks are those of {@link Beats}.
 */
public final class MidiScore {

    private static final int TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final int LYRIC = 0x05;
    private static final int PERCUSSION = 9;
    private static final int BASS = 1;
    private static final int CHORDS = 0;
    private static final int ACOUSTIC_BASS = 32;
    private static final int CLICKS_IN_SIGNATURE = 24;
    private static final int THIRTY_SECONDS_IN_QUARTER = 8;
    /** Metres are written with the power of two of the note that is counted: a quarter, and up to so much finer. */
    private static final int QUARTER = 2;

    private static final int FINEST = 4;
    private static final int SOUNDS_FOR = Beats.TICKS_PER_BEAT / 4;

    private MidiScore() {}

    /**
     * @param percent how fast, of the tempo; where that becomes another little by little, it changes with every beat
     */
    public static Sequence of(Track track, Rhythm rhythm, double percent) {
        try {
            Sequence sequence = new Sequence(Sequence.PPQ, Beats.TICKS_PER_BEAT);
            javax.sound.midi.Track words = sequence.createTrack();
            javax.sound.midi.Track notes = sequence.createTrack();
            tempos(words, track, percent);
            metre(words, track, rhythm);
            notes.add(new MidiEvent(new ShortMessage(ShortMessage.PROGRAM_CHANGE, BASS, ACOUSTIC_BASS, 0), 0));
            for (Cue cue : track.cues()) {
                long tick = cue.at().plus(track.countIn()).ticks();
                if (cue.sound() instanceof Sound.Word word) {
                    byte[] text = Spoken.shown(word.text()).getBytes(StandardCharsets.US_ASCII);
                    words.add(new MidiEvent(new MetaMessage(LYRIC, text, text.length), tick));
                } else {
                    strike(notes, cue, tick);
                }
            }
            return sequence;
        } catch (InvalidMidiDataException e) {
            throw new IllegalStateException("every number here is one that notes allow", e);
        }
    }

    /**
     * What comes before the first whole bar, an up-beat or the rest of a bar, is a short bar of its own, so that bar
     * lines fall where they are heard.
     */
    private static void metre(javax.sound.midi.Track words, Track track, Rhythm rhythm)
            throws InvalidMidiDataException {
        int before = rhythm.withinBar(track.countIn()).ticks();
        if (before > 0) {
            int power = IntStream.rangeClosed(0, FINEST)
                    .filter(each -> before % (Beats.TICKS_PER_BEAT >> each) == 0)
                    .findFirst()
                    .orElse(FINEST);
            words.add(signature(before / (Beats.TICKS_PER_BEAT >> power), QUARTER + power, 0));
        }
        words.add(signature(rhythm.beatsPerBar(), QUARTER, before));
    }

    private static MidiEvent signature(int upper, int power, long tick) throws InvalidMidiDataException {
        return new MidiEvent(
                new MetaMessage(
                        TIME_SIGNATURE,
                        new byte[] {(byte) upper, (byte) power, CLICKS_IN_SIGNATURE, THIRTY_SECONDS_IN_QUARTER},
                        4),
                tick);
    }

    private static void tempos(javax.sound.midi.Track words, Track track, double percent)
            throws InvalidMidiDataException {
        int before = 0;
        for (Beats at = Beats.ZERO.minus(track.countIn()); at.compareTo(track.length()) < 0; at = at.plus(Beats.ONE)) {
            int microseconds = (int)
                    Math.round((track.seconds(at.plus(Beats.ONE), percent) - track.seconds(at, percent)) * 1_000_000);
            if (Math.abs(microseconds - before) > 1) {
                words.add(new MidiEvent(
                        new MetaMessage(
                                TEMPO,
                                new byte[] {(byte) (microseconds >> 16), (byte) (microseconds >> 8), (byte) microseconds
                                },
                                3),
                        at.plus(track.countIn()).ticks()));
                before = microseconds;
            }
        }
    }

    private static void strike(javax.sound.midi.Track notes, Cue cue, long tick) throws InvalidMidiDataException {
        int channel =
                cue.sound() instanceof Sound.Bass ? BASS : cue.sound() instanceof Sound.Chord ? CHORDS : PERCUSSION;
        int loudness = (int) Math.max(1, Math.round(cue.gain() * 127));
        for (int key : keys(cue.sound())) {
            notes.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, channel, key, loudness), tick));
            notes.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, channel, key, 0), tick + SOUNDS_FOR));
        }
    }

    /** Keys of the general percussion set for what is struck. */
    private static int[] keys(Sound sound) {
        if (sound instanceof Sound.Click click) {
            return new int[] {click == Sound.Click.STRONG ? 76 : 77};
        }
        if (sound instanceof Sound.Drum drum) {
            return new int[] {
                switch (drum.struck()) {
                    case LOW -> 36;
                    case SNARE -> 38;
                    case BRUSH -> 42;
                    case SHAKER -> 70;
                    case WOOD -> 75;
                    case BELL -> 56;
                }
            };
        }
        if (sound instanceof Sound.Bass bass) {
            return new int[] {bass.key()};
        }
        return ((Sound.Chord) sound).keys();
    }
}
