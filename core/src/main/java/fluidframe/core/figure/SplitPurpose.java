package fluidframe.core.figure;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/**
 * What coaches use a part of a figure for. A part without a purpose is there to be practised, or for who asks for it.
 */
public enum SplitPurpose implements Term {
    LINK("link", "links two other figures"),
    ENTRY("entry", "begins a routine or a phrase"),
    EXIT("exit", "ends one");

    public static final Lexicon<SplitPurpose> LEXICON =
            Lexicon.of(FigureSentences.whatThePartIsUsedFor(), List.of(values()));

    private final Words words;

    SplitPurpose(String name, String wording) {
        this.words = Words.of(name, wording);
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
