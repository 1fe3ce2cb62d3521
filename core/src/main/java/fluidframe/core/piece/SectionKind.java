package fluidframe.core.piece;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** What a part of a piece is to the whole. */
public enum SectionKind implements Term {
    INTRODUCTION("introduction", "intro", "opening", "lead-in"),
    VERSE("verse", "v", "strophe", "a part"),
    CHORUS("chorus", "ch", "refrain", "c part"),
    BRIDGE("bridge", "middle", "middle eight", "b part"),
    BREAK("break", "interlude", "solo"),
    ENDING("ending", "end", "outro", "coda", "tag");

    public static final Lexicon<SectionKind> LEXICON =
            Lexicon.of(PieceSentences.introductionVerseChorusBridgeBreakOr(), List.of(values()));

    private final Words words;

    SectionKind(String word, String... synonyms) {
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
