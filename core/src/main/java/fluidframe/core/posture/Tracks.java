package fluidframe.core.posture;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** On which tracks the feet of the two stand. */
public enum Tracks implements Term {
    BETWEEN("between", "each right foot points between the partner’s feet"),
    OWN("own", "each on their own tracks"),
    OUTSIDE("outside", "his right foot outside both of hers"),
    APART("apart", "clear of each other");

    public static final Lexicon<Tracks> LEXICON =
            Lexicon.of(PostureSentences.onWhichTracksTheFeetStand(), List.of(values()));

    private final Words words;

    Tracks(String shorthand, String wording) {
        this.words = Words.of(shorthand, wording);
    }

    @Override
    public Words words() {
        return words;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
