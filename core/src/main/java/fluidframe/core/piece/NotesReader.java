package fluidframe.core.piece;

import fluidframe.core.music.TempoMap;
import fluidframe.core.piece.NotesFile.Event;
import fluidframe.core.text.PlainText;
import fluidframe.core.time.Beats;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Reads how a piece is built from a standard MIDI file: its tempos, its metre, and its markers as sections, hits and
 * words. Where the file is silent the standard says 120 quarter notes a minute in four; that is said, not hidden.
 */
public final class NotesReader {

    private static final int TRACK_NAME = 0x03;
    private static final int LYRIC = 0x05;
    private static final int MARKER = 0x06;
    private static final int CUE_POINT = 0x07;
    private static final int TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final double MICROSECONDS = 1_000_000;
    private static final double USUAL_QUARTERS = 120;
    private static final int USUAL_BEATS = 4;
    private static final int FINEST_NOTE = 6;
    /** Beyond any piece, and far from what a number of ticks can be. */
    private static final double FURTHEST_TICK = 1e8;

    private static final int MOST_TEMPOS = 1_000;
    /** So many are named one by one. */
    private static final int MOST_LEFT_OUT = 5;

    private static final Pattern NAMED =
            Pattern.compile("^[^\\p{L}\\p{N}]*+([\\p{L} -]{1,60}?)[^\\p{L}\\p{N}]*+(\\d{0,3})[^\\p{L}\\p{N}]*+$");

    private final NotesFile file;
    private final int phraseBars;
    private final List<Event> events;
    private final List<String> sentences = new ArrayList<>();
    private int beatsPerBar = USUAL_BEATS;
    /** Quarter notes to a beat: in 6/8 a beat of the dance is an eighth. */
    private double quarters = 1;

    private Beats upBeat = Beats.ZERO;
    private double upBeatQuarters;

    private NotesReader(NotesFile file, int phraseBars) {
        this.file = file;
        this.phraseBars = phraseBars;
        this.events = file.events();
    }

    /** @param phraseBars how long a phrase is where markers do not say otherwise */
    public static PieceLine read(NotesFile file, int phraseBars) {
        return new NotesReader(file, phraseBars).read();
    }

    private PieceLine read() {
        if (!file.hasBeats()) {
            return nothing(PieceSentences.itsTimesAreFramesOfA());
        }
        long end = events.stream()
                .filter(Event::isNote)
                .mapToLong(Event::tick)
                .max()
                .orElse(0);
        if (end == 0) {
            return nothing(PieceSentences.noNoteWasFoundInIt());
        }
        readMetre();
        TempoMap tempo = tempo();
        int bars = (int) Math.ceil(beat(end).toDouble() / beatsPerBar - 1e-6);
        if (bars < 1 || bars > Piece.MOST_BARS) {
            return nothing(PieceSentences.itHasBarsAPieceHas(bars, Piece.MOST_BARS));
        }
        Optional<String> title = texts(TRACK_NAME)
                .map(Text::said)
                .filter(said -> !said.isBlank())
                .findFirst();
        Beats length = Beats.of(beatsPerBar).times(bars);
        List<Hit> hits = texts(MARKER, CUE_POINT)
                .flatMap(text -> hit(text.said()).map(kind -> new Hit(text.at(), kind)).stream())
                .filter(hit -> hit.at().compareTo(length) < 0)
                .toList();
        List<CueWord> words = texts(LYRIC)
                .filter(text -> text.said().length() > 2
                        && text.said().length() <= CueWord.MOST_LETTERS
                        && text.at().compareTo(length) < 0)
                .limit(Piece.MOST_HITS)
                .map(text -> new CueWord(text.at(), text.said().strip()))
                .toList();
        return new PieceLine(
                title,
                Optional.of(new Piece(
                        "",
                        title.orElse(""),
                        Set.of(),
                        Beats.of(beatsPerBar),
                        upBeat,
                        sections(bars),
                        tempo,
                        hits.stream().limit(Piece.MOST_HITS).toList(),
                        words,
                        0)),
                sentences,
                List.of());
    }

    private PieceLine nothing(String sentence) {
        return new PieceLine(Optional.empty(), Optional.empty(), List.of(sentence), List.of());
    }

    /** So many of a note to a bar: of quarters, eighths and so on. */
    private record Metre(long tick, int upper, int lower) {

        static Stream<Metre> of(Event event) {
            byte[] data = event.data();
            return data.length < 2 || data[0] < 1 || data[1] < 0 || data[1] > FINEST_NOTE
                    ? Stream.empty()
                    : Stream.of(new Metre(event.tick(), data[0], 1 << data[1]));
        }

        double quarters() {
            return 4.0 * upper / lower;
        }
    }

    /** A first bar that is shorter than those after it, and the only one of its metre, is an up-beat. */
    private List<Metre> withoutUpBeat(List<Metre> metres) {
        if (metres.size() < 2
                || metres.get(0).quarters() >= metres.get(1).quarters()
                || metres.get(1).tick() - metres.get(0).tick()
                        != Math.round(metres.get(0).quarters() * file.ticksPerQuarter())) {
            return metres;
        }
        upBeatQuarters = metres.get(0).quarters();
        return metres.subList(1, metres.size());
    }

    private void readMetre() {
        List<Metre> metres =
                withoutUpBeat(metas(TIME_SIGNATURE).flatMap(Metre::of).toList());
        if (metres.isEmpty()) {
            sentences.add(PieceSentences.itStatesNoMetreItIs());
            return;
        }
        int upper = metres.get(0).upper();
        int lower = metres.get(0).lower();
        boolean compound = lower == 8 && upper % 3 == 0 && upper > 3;
        boolean danced = upper >= 2 && upper <= 4;
        beatsPerBar = compound ? 3 : danced ? upper : USUAL_BEATS;
        quarters = 4.0 / lower;
        upBeat = new Beats((int) Math.round(upBeatQuarters / quarters * Beats.TICKS_PER_BEAT));
        if (!compound && !danced) {
            sentences.add(PieceSentences.itsMetreIsItIsTaken(upper, lower));
        } else if (compound && upper > 3) {
            sentences.add(PieceSentences.itsMetreIsEachThreeEighths(upper, lower));
        }
        if (metres.stream().anyMatch(metre -> metre.upper() != upper || metre.lower() != lower)) {
            sentences.add(PieceSentences.itsMetreChangesAllOfIt(beatsPerBar));
        }
    }

    private TempoMap tempo() {
        Map<Beats, TempoMap.Change> changes = new LinkedHashMap<>();
        int leftOut = 0;
        for (Event event : metas(TEMPO).toList()) {
            byte[] data = event.data();
            long microseconds = data.length < 3 ? 0 : (data[0] & 0xff) << 16 | (data[1] & 0xff) << 8 | data[2] & 0xff;
            double barsPerMinute = microseconds == 0 ? 0 : 60 * MICROSECONDS / (microseconds * quarters * beatsPerBar);
            if (barsPerMinute < TempoMap.SLOWEST || barsPerMinute > TempoMap.FASTEST) {
                leftOut++;
                if (leftOut <= MOST_LEFT_OUT) {
                    sentences.add(PieceSentences.aTempoOfBarsAMinute(Math.round(barsPerMinute)));
                }
                continue;
            }
            Beats heard = beat(event.tick());
            Beats at = heard.compareTo(Beats.ZERO) < 0 ? Beats.ZERO : heard;
            changes.remove(at);
            changes.put(at, new TempoMap.Change(at, barsPerMinute, false));
            if (changes.size() == MOST_TEMPOS) {
                sentences.add(PieceSentences.itChangesItsTempoMoreThan(MOST_TEMPOS));
                break;
            }
        }
        if (leftOut > MOST_LEFT_OUT) {
            sentences.add(PieceSentences.moreTemposAreLeftOut((leftOut - MOST_LEFT_OUT)));
        }
        if (changes.isEmpty()) {
            double usual = USUAL_QUARTERS / (quarters * beatsPerBar);
            sentences.add(PieceSentences.itStatesNoTempoAsThe(Math.round(usual)));
            return TempoMap.steady(beatsPerBar, usual);
        }
        return new TempoMap(beatsPerBar, List.copyOf(changes.values()));
    }

    /** From the first bar line, to the nearest forty-eighth. */
    private Beats beat(long tick) {
        double ticks = (double) tick / file.ticksPerQuarter() / quarters * Beats.TICKS_PER_BEAT;
        return new Beats((int) Math.round(Math.min(ticks, FURTHEST_TICK))).minus(upBeat);
    }

    private record Text(Beats at, String said) {}

    private Stream<Event> metas(int type) {
        return events.stream().filter(event -> event.type() == type);
    }

    private Stream<Text> texts(int... types) {
        return Arrays.stream(types)
                .boxed()
                .flatMap(this::metas)
                .map(event -> new Text(
                        beat(event.tick()),
                        PlainText.ofLine(new String(event.data(), StandardCharsets.UTF_8))
                                .text()))
                .sorted(Comparator.comparing(Text::at));
    }

    private static Optional<HitKind> hit(String marker) {
        return HitKind.LEXICON
                .find(marker.strip())
                .filter(kind -> kind != HitKind.BREAK || marker.strip().equalsIgnoreCase("silence"));
    }

    /** A section goes on to the next marker that names one; what comes before the first is an introduction. */
    private List<PieceSection> sections(int bars) {
        List<Integer> starts = new ArrayList<>();
        List<PieceSection> named = new ArrayList<>();
        for (Text text : texts(MARKER).toList()) {
            Matcher name = NAMED.matcher(text.said().strip());
            Optional<SectionKind> kind = name.matches()
                    ? SectionKind.LEXICON.find(name.group(1).strip().toLowerCase(Locale.ROOT))
                    : Optional.empty();
            int bar = Math.round((float) text.at().toDouble() / beatsPerBar) + 1;
            boolean later = bar <= bars && (starts.isEmpty() || bar > starts.get(starts.size() - 1));
            if (hit(text.said()).isEmpty() && later && !text.said().isBlank()) {
                String title = kind.isPresent() && name.group(2).isEmpty()
                        ? ""
                        : text.said().strip();
                starts.add(bar);
                named.add(new PieceSection(kind.orElse(SectionKind.VERSE), title, List.of(1)));
            }
        }
        if (starts.isEmpty()) {
            sentences.add(PieceSentences.itHasNoMarkersItIs(bars));
            return List.of(PieceSection.of(SectionKind.VERSE, "", bars, phraseBars));
        }
        List<PieceSection> sections = new ArrayList<>();
        if (starts.get(0) > 1) {
            sections.add(PieceSection.of(SectionKind.INTRODUCTION, "", starts.get(0) - 1, phraseBars));
        }
        for (int i = 0; i < starts.size(); i++) {
            int end = i + 1 < starts.size() ? starts.get(i + 1) : bars + 1;
            sections.add(PieceSection.of(named.get(i).kind(), named.get(i).title(), end - starts.get(i), phraseBars));
        }
        return sections;
    }
}
