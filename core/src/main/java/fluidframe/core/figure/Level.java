package fluidframe.core.figure;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** How far along a couple should be for a figure. */
public enum Level implements Term {
    PRE_BRONZE("pre-bronze"),
    BRONZE("bronze"),
    SILVER("silver"),
    GOLD("gold"),
    OPEN("open");

    public static final Lexicon<Level> LEXICON =
            Lexicon.of(FigureSentences.aLevelPreBronzeBronzeSilver(), List.of(values()));

    private final Words words;

    Level(String title) {
        this.words = Words.of(title, title);
    }

    /**
     * Whether whoever dances at this level is asked before they meet something deep or turning: up to bronze, since no
     * syllabus asks for a dip, a lunge or a continuous spin before silver.
     */
    public boolean isNovice() {
        return compareTo(BRONZE) <= 0;
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
