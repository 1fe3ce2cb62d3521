package fluidframe.core.memory;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** How something went, as a coach sees it: the four answers that the schedule of memory knows, the worst first. */
public enum Grade implements Term {
    LOST("lost", "it was lost"),
    SHAKY("shaky", "it was danced, with trouble"),
    GOOD("good", "it was danced well"),
    SECURE("secure", "it was danced without a thought");

    public static final Lexicon<Grade> LEXICON = Lexicon.of(MemorySentences.lostShakyGoodOrSecure(), List.of(values()));

    private final Words words;

    Grade(String shorthand, String wording) {
        this.words = Words.of(shorthand, wording);
    }

    @Override
    public Words words() {
        return words;
    }

    /** From 1 for lost to 4 for secure. */
    int rating() {
        return ordinal() + 1;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
