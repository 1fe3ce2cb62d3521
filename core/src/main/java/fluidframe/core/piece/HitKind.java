package fluidframe.core.piece;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** What the music does where it asks for something to be shown. */
public enum HitKind implements Term {
    ACCENT("accent", "hit", "strike", "bang"),
    STOP("stop", "cut", "full stop"),
    BREAK("break", "silence", "gap"),
    SWELL("swell", "crescendo", "build"),
    HELD("held note", "hold", "fermata", "long note", "pause");

    public static final Lexicon<HitKind> LEXICON =
            Lexicon.of(PieceSentences.accentStopBreakSwellOrHeld(), List.of(values()));

    private final Words words;

    HitKind(String word, String... synonyms) {
        this.words = Words.of(word, word, synonyms);
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
