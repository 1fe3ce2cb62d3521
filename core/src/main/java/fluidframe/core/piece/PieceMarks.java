package fluidframe.core.piece;

import fluidframe.core.music.TempoMap;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What is set by ear in a piece while it is heard: which beat is one, where a phrase begins, where it strikes, where a
 * bar line falls. Times are seconds from the first bar line.
 */
public final class PieceMarks {

    private PieceMarks() {}

    /** A piece, and how much later, seconds, its first bar line is heard than before. */
    public record Marked(Piece piece, double later) {}

    /** The nearest beat becomes one of its bar; every bar line moves with it. */
    public static Marked one(Piece piece, double seconds) {
        int perBar = piece.bar().wholeBeats();
        int beats = Math.floorMod((int) Math.round(piece.tempo().beat(seconds)), perBar);
        int shift = beats * 2 > perBar ? beats - perBar : beats;
        Beats by = Beats.of(shift);
        List<TempoMap.Change> changes = piece.tempo().changes().stream()
                .map(change -> new TempoMap.Change(change.at().minus(by), change.barsPerMinute(), change.gradual()))
                .toList();
        Beats end = piece.length();
        List<Hit> hits = piece.hits().stream()
                .map(hit -> new Hit(hit.at().minus(by), hit.kind()))
                .filter(hit -> isWithin(hit.at(), piece, end))
                .toList();
        List<CueWord> words = piece.cueWords().stream()
                .map(word -> new CueWord(word.at().minus(by), word.words()))
                .filter(word -> isWithin(word.at(), piece, end))
                .toList();
        return new Marked(
                piece.with()
                        .tempo(new TempoMap(perBar, changes))
                        .hits(hits)
                        .cueWords(words)
                        .build(),
                piece.tempo().seconds(by));
    }

    private static boolean isWithin(Beats at, Piece piece, Beats end) {
        return at.compareTo(Beats.ZERO.minus(piece.upBeat())) >= 0 && at.compareTo(end) < 0;
    }

    /** A phrase begins with the nearest bar. */
    public static Piece phrase(Piece piece, double seconds) {
        int bar = 1 + (int) Math.round(piece.tempo().beat(seconds) / piece.bar().toDouble());
        List<PieceSection> sections = new ArrayList<>();
        for (Piece.Begun begun : piece.begun()) {
            List<Integer> phrases = new ArrayList<>();
            int next = begun.bar();
            for (int bars : begun.section().phrases()) {
                boolean parted = bar > next && bar < next + bars;
                Stream.of(parted ? new Integer[] {bar - next, next + bars - bar} : new Integer[] {bars})
                        .forEach(phrases::add);
                next += bars;
            }
            sections.add(
                    new PieceSection(begun.section().kind(), begun.section().title(), phrases));
        }
        return piece.withSections(sections);
    }

    /**
     * On the nearest half beat the music does what is said; where it does that already, it no longer does, and where it
     * does something else, it does this instead.
     *
     * @throws IllegalArgumentException if that is not within the piece
     */
    public static Piece hit(Piece piece, double seconds, HitKind kind) {
        Beats at = new Beats((int) Math.round(2 * piece.tempo().beat(seconds)) * Beats.TICKS_PER_BEAT / 2);
        List<Hit> hits = new ArrayList<>(piece.hits());
        Hit heard = new Hit(at, kind);
        boolean known = hits.contains(heard);
        hits.removeIf(hit -> hit.at().equals(at));
        if (!known) {
            hits.add(heard);
        }
        return piece.withHits(hits);
    }

    /**
     * A bar line is heard at another time: the bar before it becomes longer or shorter and the one after it the other
     * way, every other bar line stays.
     *
     * @param bar from 2 on; the one after the last is the end
     * @throws IllegalArgumentException if there is no such bar line, or it would cross another
     */
    public static Piece bend(Piece piece, int bar, double seconds) {
        if (bar < 2 || bar > piece.bars() + 1) {
            throw new IllegalArgumentException(PieceSentences.theBarLineOfBarExpected(bar, (piece.bars() + 1)));
        }
        double before = piece.tempo().seconds(piece.bar().times(bar - 2));
        double after = piece.tempo().seconds(piece.bar().times(bar));
        if (!(seconds > before && (seconds < after || bar > piece.bars()))) {
            throw new IllegalArgumentException(PieceSentences.aBarLineAtSecondsBetween(seconds, before, after));
        }
        Beats from = piece.bar().times(bar - 2);
        Beats line = piece.bar().times(bar - 1);
        Beats to = piece.bar().times(bar);
        List<TempoMap.Change> changes = new ArrayList<>(piece.tempo().changes().stream()
                .filter(change -> change.at().compareTo(from) < 0 || change.at().compareTo(to) > 0)
                .toList());
        changes.add(new TempoMap.Change(from, 60 / (seconds - before), false));
        if (bar <= piece.bars()) {
            changes.add(new TempoMap.Change(line, 60 / (after - seconds), false));
            changes.add(new TempoMap.Change(to, piece.tempo().barsPerMinute(to.toDouble()), false));
        }
        return piece.withTempo(new TempoMap(piece.tempo().beatsPerBar(), changes));
    }
}
