package fluidframe.core.piece;

import fluidframe.core.music.MusicMap;
import fluidframe.core.music.TempoMap;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A cut of the music: after bar {@code from - 1} it goes on with bar {@code to}.
 *
 * @param from the first bar that is left out
 * @param to   the first bar that is heard again
 * @param like how alike the two places are, so that the cut is not heard
 */
public record MusicCut(int from, int to, Likeness like) {

    /** How alike two places of a piece are, the most alike first. */
    public enum Likeness {
        SAME_SECTION("the same bar of a like section"), PHRASE_START("both begin a phrase"), SAME_BAR("the same bar of the phrase");

        private final String wording;

        Likeness(String wording) {
            this.wording = wording;
        }

        public String wording() {
            return wording;
        }
    }

    /** How many bars are left out. */
    public int bars() {
        return to - from;
    }

    /** Every cut of so many bars between like places, the least audible first, of those the latest. */
    public static List<MusicCut> leavingOut(Piece piece, int bars) {
        List<MusicCut> cuts = new ArrayList<>();
        MusicMap map = piece.map();
        for (int from = 2; from + bars <= piece.bars(); from++) {
            int to = from + bars;
            boolean sameBar = map.barOfPhrase(from) == map.barOfPhrase(to);
            Piece.Begun before = piece.sectionOf(from);
            Piece.Begun after = piece.sectionOf(to);
            boolean like = before.section().kind() == after.section().kind() && from - before.bar() == to - after.bar();
            boolean starts = map.barOfPhrase(from) == 1 && map.barOfPhrase(to) == 1;
            if (like || starts || sameBar) {
                cuts.add(new MusicCut(from, to, like ? Likeness.SAME_SECTION : starts ? Likeness.PHRASE_START : Likeness.SAME_BAR));
            }
        }
        cuts.sort(Comparator.comparing(MusicCut::like).thenComparing(cut -> -cut.from()));
        return cuts;
    }

    /** The piece without what is cut out. */
    public Piece of(Piece piece) {
        Beats begin = piece.bar().times(from - 1);
        Beats end = piece.bar().times(to - 1);
        List<PieceSection> sections = new ArrayList<>();
        for (Piece.Begun begun : piece.begun()) {
            List<Integer> phrases = new ArrayList<>();
            int bar = begun.bar();
            for (int each : begun.section().phrases()) {
                int gone = Math.max(0, Math.min(bar + each, to) - Math.max(bar, from));
                if (each > gone) {
                    phrases.add(each - gone);
                }
                bar += each;
            }
            if (!phrases.isEmpty()) {
                sections.add(new PieceSection(begun.section().kind(), begun.section().title(), phrases));
            }
        }
        TempoMap tempo = piece.tempo().without(begin, end);
        return piece.with().sections(sections).tempo(tempo).hits(piece.hits().stream().filter(hit -> isKept(hit.at(), begin, end)).map(hit -> new Hit(moved(hit.at(), begin, end), hit.kind())).toList())
                .cueWords(piece.cueWords().stream().filter(words -> isKept(words.at(), begin, end)).map(words -> new CueWord(moved(words.at(), begin, end), words.words())).toList())
                .fade(Math.min(piece.fade(), piece.bars() - bars())).build();
    }

    private static boolean isKept(Beats at, Beats begin, Beats end) {
        return at.compareTo(begin) < 0 || at.compareTo(end) >= 0;
    }

    private static Beats moved(Beats at, Beats begin, Beats end) {
        return at.compareTo(begin) < 0 ? at : at.minus(end.minus(begin));
    }
}
