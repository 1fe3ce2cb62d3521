package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;

import java.util.List;

/** A way for the foot to arrive without taking weight. */
public enum Touch implements Term {
    BRUSH("br", "brushes", "brush"),
    TAP("tap", "taps", "touch", "tch"),
    POINT("pt", "points", "point");

    public static final Lexicon<Touch> LEXICON = Lexicon.of("a touch: br, tap or pt", List.of(values()));

    private final String shorthand;
    private final String wording;
    private final List<String> synonyms;

    Touch(String shorthand, String wording, String... synonyms) {
        this.shorthand = shorthand;
        this.wording = wording;
        this.synonyms = List.of(synonyms);
    }

    @Override
    public String shorthand() {
        return shorthand;
    }

    @Override
    public String wording() {
        return wording;
    }

    @Override
    public List<String> synonyms() {
        return synonyms;
    }

    @Override
    public String toString() {
        return shorthand;
    }
}
