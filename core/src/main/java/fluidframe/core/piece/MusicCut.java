package fluidframe.core.piece;

import fluidframe.core.music.MusicMap;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A cut of the music: after bar {@code from - 1} it goes on with bar {@code to}.
 *
 * @param from the first bar that is left out
 * @param to the first bar that is heard again
 * @param like how alike the two places are, so that the cut is not heard
 */
public record MusicCut(int from, int to, Likeness like) {

    /** How alike two places of a piece are, the most alike first. */
    public enum Likeness {
        SAME_SECTION("the same bar of a like section"),
        PHRASE_START("both begin a phrase"),
        SAME_BAR("the same bar of the phrase");

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
                cuts.add(new MusicCut(
                        from, to, like ? Likeness.SAME_SECTION : starts ? Likeness.PHRASE_START : Likeness.SAME_BAR));
            }
        }
        cuts.sort(Comparator.comparing(MusicCut::like).thenComparing(cut -> -cut.from()));
        return cuts;
    }
}
