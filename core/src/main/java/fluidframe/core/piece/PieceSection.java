package fluidframe.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A part of a piece.
 *
 * @param title what it is called where that is more than its kind; may be empty
 * @param phrases how many bars each of its phrases has
 */
public record PieceSection(SectionKind kind, String title, List<Integer> phrases) {

    private static final int MOST_BARS_OF_PHRASE = 64;

    /** @throws IllegalArgumentException if it has no bars */
    public PieceSection {
        phrases = List.copyOf(phrases);
        if (phrases.isEmpty() || phrases.stream().anyMatch(bars -> bars < 1 || bars > MOST_BARS_OF_PHRASE)) {
            throw new IllegalArgumentException(PieceSentences.aSectionHasPhrasesOf1(MOST_BARS_OF_PHRASE));
        }
    }

    /** So many bars in the phrases that a dance's music usually has, what is left over at the end. */
    public static PieceSection of(SectionKind kind, String title, int bars, int phraseBars) {
        List<Integer> phrases = new ArrayList<>(Collections.nCopies(bars / phraseBars, phraseBars));
        if (bars % phraseBars > 0) {
            phrases.add(bars % phraseBars);
        }
        return new PieceSection(kind, title, phrases);
    }

    public int bars() {
        return phrases.stream().mapToInt(Integer::intValue).sum();
    }

    /** What to call it: "chorus", "second verse". */
    public String name() {
        return title.isEmpty() ? kind.wording() : title;
    }
}
