package fluidframe.core.piece;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * A standard MIDI file, as far as a piece of music is told from it: when there are notes, and what is said between
 * them. The platform's own reader makes room for whatever length a file claims, so that 32 bytes can take a quarter of
 * a gigabyte; this one believes no length that the file does not have.
 */
public final class NotesFile {

    /** A symphony has fewer. */
    private static final int MOST_EVENTS = 200_000;
    /** Nothing that is read from a text event is longer. */
    private static final int MOST_BYTES_OF_TEXT = 400;

    private static final int HEADER = 0x4d546864;
    private static final int TRACK = 0x4d54726b;
    private static final int META = 0xff;
    private static final int SYSTEM = 0xf0;
    private static final int SYSTEM_GOES_ON = 0xf7;
    private static final int END_OF_TRACK = 0x2f;
    private static final int NO_META = -1;
    private static final int FRAMES = 0x8000;

    private final byte[] bytes;
    private final List<Event> events = new ArrayList<>();
    private int at;
    private int division;

    /**
     * Something at a moment.
     *
     * @param tick from the beginning, in parts of a quarter note
     * @param type of what is said; {@value NotesFile#NO_META} for a note or another message to an instrument
     */
    record Event(long tick, int type, byte[] data) {

        boolean isNote() {
            return type == NO_META;
        }
    }

    private NotesFile(byte[] bytes) {
        this.bytes = bytes;
    }

    /** @throws IllegalArgumentException naming the byte at which this is no standard MIDI file */
    public static NotesFile read(byte[] bytes) {
        NotesFile file = new NotesFile(bytes);
        file.read();
        file.events.sort(Comparator.comparingLong(Event::tick));
        return file;
    }

    /** Whether its times are parts of a quarter note; otherwise they are frames of a film. */
    boolean hasBeats() {
        return division < FRAMES;
    }

    int ticksPerQuarter() {
        return Math.max(1, division);
    }

    /** In the order of time. */
    List<Event> events() {
        return List.copyOf(events);
    }

    private void read() {
        int header = chunk(HEADER, "MThd");
        if (header < 6) {
            throw unreadable(PieceSentences.aHeaderOf6Bytes());
        }
        int end = at + header;
        at += 4;
        division = number(2);
        at = end;
        while (at + 8 <= bytes.length) {
            int type = number(4);
            int length = length();
            int next = at + length;
            if (type == TRACK) {
                track(next);
            }
            at = next;
        }
    }

    private int chunk(int type, String name) {
        if (bytes.length < 8 || number(4) != type) {
            at = 0;
            throw unreadable(PieceSentences.theLetters(name));
        }
        return length();
    }

    /** How long a chunk is, which cannot be longer than what is left. */
    private int length() {
        int length = number(4);
        if (length < 0 || length > bytes.length - at) {
            throw unreadable(PieceSentences.aLengthOfAtMostThe((bytes.length - at)));
        }
        return length;
    }

    private void track(int end) {
        long tick = 0;
        int running = 0;
        while (at < end) {
            tick += variable(end);
            int status = next(end);
            if (status == META) {
                int type = next(end);
                int length = variable(end);
                require(length, end);
                add(new Event(tick, type, Arrays.copyOfRange(bytes, at, at + Math.min(length, MOST_BYTES_OF_TEXT))));
                at += length;
                if (type == END_OF_TRACK) {
                    return;
                }
                running = 0;
            } else if (status == SYSTEM || status == SYSTEM_GOES_ON) {
                int length = variable(end);
                require(length, end);
                at += length;
                running = 0;
            } else {
                running = message(status, running, end);
                add(new Event(tick, NO_META, new byte[0]));
            }
        }
    }

    /** A message to an instrument; without a status of its own it has that of the one before. */
    private int message(int first, int running, int end) {
        int status = first < 0x80 ? running : first;
        if (status < 0x80 || status > 0xef) {
            at--;
            throw unreadable(PieceSentences.aMessageToAnInstrument());
        }
        int kind = status >> 4;
        int data = kind == 0xc || kind == 0xd ? 1 : 2;
        int left = first < 0x80 ? data - 1 : data;
        require(left, end);
        at += left;
        return status;
    }

    private void add(Event event) {
        if (events.size() == MOST_EVENTS) {
            throw unreadable(PieceSentences.atMostEvents(MOST_EVENTS));
        }
        events.add(event);
    }

    private void require(int length, int end) {
        if (length > end - at) {
            throw unreadable(PieceSentences.atMostTheBytesThatAre((end - at)));
        }
    }

    private int next(int end) {
        require(1, end);
        return bytes[at++] & 0xff;
    }

    private int number(int length) {
        int number = 0;
        for (int i = 0; i < length; i++) {
            number = number << 8 | bytes[at++] & 0xff;
        }
        return number;
    }

    /** A number of up to four bytes of seven bits. */
    private int variable(int end) {
        int number = 0;
        for (int i = 0; i < 4; i++) {
            int part = next(end);
            number = number << 7 | part & 0x7f;
            if (part < 0x80) {
                return number;
            }
        }
        throw unreadable(PieceSentences.aNumberOfAtMostFour());
    }

    private IllegalArgumentException unreadable(String expected) {
        return new IllegalArgumentException(PieceSentences.byteExpected(at, expected));
    }
}
