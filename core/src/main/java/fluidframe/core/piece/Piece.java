package fluidframe.core.piece;

import fluidframe.core.music.MusicMap;
import fluidframe.core.music.MusicSection;
import fluidframe.core.music.TempoMap;
import fluidframe.core.time.Beats;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A piece of music as far as it is danced to. Bars are counted from 1; points of time are beats from the first bar
 * line.
 *
 * @param dances the ids of the dances it suits
 * @param bar how long a bar lasts
 * @param upBeat beats before the first bar line
 * @param sections from the first to the last, at least one
 * @param tempo how fast it goes
 * @param hits by time
 * @param cueWords by time
 * @param fade bars at its end in which it fades away
 */
@RecordBuilder
public record Piece(
        String id,
        String title,
        Set<String> dances,
        Beats bar,
        Beats upBeat,
        List<PieceSection> sections,
        TempoMap tempo,
        List<Hit> hits,
        List<CueWord> cueWords,
        int fade)
        implements PieceBuilder.With {

    public static final int MOST_BARS = 800;
    public static final int MOST_HITS = 200;

    /**
     * Where a section begins.
     *
     * @param bar from 1
     * @param times which of its kind it is, from 1
     */
    public record Begun(int bar, int times, PieceSection section) {

        /** The bar after its last. */
        public int end() {
            return bar + section.bars();
        }
    }

    /**
     * @throws IllegalArgumentException naming what cannot be: no bars or too many, a hit or words after the end, a fade
     *     longer than the piece
     */
    public Piece {
        dances = Set.copyOf(dances);
        sections = List.copyOf(sections);
        hits = hits.stream().distinct().sorted(Comparator.comparing(Hit::at)).toList();
        cueWords = cueWords.stream().sorted(Comparator.comparing(CueWord::at)).toList();
        int bars = sections.stream().mapToInt(PieceSection::bars).sum();
        if (bars < 1 || bars > MOST_BARS) {
            throw new IllegalArgumentException(PieceSentences.aPieceOfBarsExpected1(bars, MOST_BARS));
        }
        if (hits.size() > MOST_HITS || cueWords.size() > MOST_HITS) {
            throw new IllegalArgumentException(PieceSentences.moreThanHitsOrCueWords(MOST_HITS));
        }
        Beats end = bar.times(bars);
        Beats begin = Beats.ZERO.minus(upBeat);
        Optional<Beats> outside = Stream.concat(
                        hits.stream().map(Hit::at), cueWords.stream().map(CueWord::at))
                .filter(at -> at.compareTo(begin) < 0 || at.compareTo(end) >= 0)
                .findFirst();
        if (outside.isPresent()) {
            throw new IllegalArgumentException(
                    PieceSentences.somethingInBarThePieceHas(barOf(outside.get(), bar), bars));
        }
        if (fade < 0 || fade > bars) {
            throw new IllegalArgumentException(PieceSentences.aFadeOfBarsThePiece(fade, bars));
        }
    }

    public int bars() {
        return sections.stream().mapToInt(PieceSection::bars).sum();
    }

    /** The bar a beat is in; before the first bar line 0. */
    public int barOf(Beats at) {
        return barOf(at, bar);
    }

    private static int barOf(Beats at, Beats bar) {
        return Math.floorDiv(at.ticks(), bar.ticks()) + 1;
    }

    /** Beats from the first bar line to the end. */
    public Beats length() {
        return bar.times(bars());
    }

    /** Seconds from its first sound, the up-beat, to its end. */
    public double seconds() {
        return tempo.seconds(length()) - tempo.seconds(Beats.ZERO.minus(upBeat));
    }

    /** When each bar line is heard, seconds from the first, and the end. */
    public List<Double> barLines() {
        return IntStream.rangeClosed(0, bars())
                .mapToObj(number -> tempo.seconds(bar.times(number)))
                .toList();
    }

    /** Every section with the bar it begins in. */
    public List<Begun> begun() {
        List<Begun> begun = new ArrayList<>();
        int next = 1;
        for (PieceSection section : sections) {
            int times = 1
                    + (int) begun.stream()
                            .filter(before -> before.section().kind() == section.kind())
                            .count();
            begun.add(new Begun(next, times, section));
            next += section.bars();
        }
        return begun;
    }

    /** The section a bar is in. */
    public Begun sectionOf(int number) {
        return begun().stream()
                .filter(each -> number < each.end())
                .findFirst()
                .orElseGet(() -> begun().get(sections.size() - 1));
    }

    /** Where each phrase begins, bars from 1. */
    public List<Integer> phraseStarts() {
        List<Integer> starts = new ArrayList<>();
        int next = 1;
        for (PieceSection section : sections) {
            for (int bars : section.phrases()) {
                starts.add(next);
                next += bars;
            }
        }
        return starts;
    }

    /**
     * The same with bars left out.
     *
     * @param from the first that is left out
     * @param to the first that is heard again
     */
    public Piece without(int from, int to) {
        Beats begin = bar.times(from - 1);
        Beats end = bar.times(to - 1);
        List<PieceSection> left = new ArrayList<>();
        for (Begun begun : begun()) {
            List<Integer> phrases = new ArrayList<>();
            int next = begun.bar();
            for (int each : begun.section().phrases()) {
                int gone = Math.max(0, Math.min(next + each, to) - Math.max(next, from));
                if (each > gone) {
                    phrases.add(each - gone);
                }
                next += each;
            }
            if (!phrases.isEmpty()) {
                left.add(
                        new PieceSection(begun.section().kind(), begun.section().title(), phrases));
            }
        }
        return with().sections(left)
                .tempo(tempo.without(begin, end))
                .hits(hits.stream()
                        .filter(hit -> isKept(hit.at(), begin, end))
                        .map(hit -> new Hit(moved(hit.at(), begin, end), hit.kind()))
                        .toList())
                .cueWords(cueWords.stream()
                        .filter(words -> isKept(words.at(), begin, end))
                        .map(words -> new CueWord(moved(words.at(), begin, end), words.words()))
                        .toList())
                .fade(Math.min(fade, bars() - (to - from)))
                .build();
    }

    private static boolean isKept(Beats at, Beats begin, Beats end) {
        return at.compareTo(begin) < 0 || at.compareTo(end) >= 0;
    }

    private static Beats moved(Beats at, Beats begin, Beats end) {
        return at.compareTo(begin) < 0 ? at : at.minus(end.minus(begin));
    }

    /** How it is built, for those who dance to it. */
    public MusicMap map() {
        List<Integer> phrases =
                sections.stream().flatMap(section -> section.phrases().stream()).toList();
        List<MusicSection> starts = begun().stream()
                .map(each -> new MusicSection(each.bar(), each.section().name()))
                .toList();
        return new MusicMap(
                bar,
                upBeat,
                phrases,
                starts,
                tempo,
                hits.stream().map(Hit::at).collect(Collectors.toCollection(TreeSet::new)));
    }
}
