package fluidframe.core.practice;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** How far something has come, the least first. */
public enum Stage implements Term {
    NOT_SHOWN("not shown"),
    SHOWN("shown"),
    COMING("coming"),
    STEADY("steady"),
    SECURE("secure");

    public static final Lexicon<Stage> LEXICON =
            Lexicon.of(PracticeSentences.notShownShownComingSteadyOr(), List.of(values()));

    private final Words words;

    Stage(String shorthand) {
        this.words = Words.of(shorthand, shorthand);
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
