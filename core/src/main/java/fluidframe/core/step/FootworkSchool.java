package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** How footwork is said: in heels and toes only, or with balls, flats and edges as written. */
public enum FootworkSchool implements Term {
    CLASSIC("classic"),
    EDGES("edges");

    public static final Lexicon<FootworkSchool> LEXICON = Lexicon.of(StepSentences.classicOrEdges(), List.of(values()));

    private final Words words;

    FootworkSchool(String name) {
        this.words = Words.of(name, name);
    }

    @Override
    public Words words() {
        return words;
    }
}
