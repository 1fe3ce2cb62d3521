package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** A way for the foot to arrive without taking weight. */
public enum Touch implements Term {
    BRUSH("br", "brushes", "brush"),
    TAP("tap", "taps", "touch", "tch"),
    POINT("pt", "points", "point");

    public static final Lexicon<Touch> LEXICON = Lexicon.of(StepSentences.aTouchBrTapOrPt(), List.of(values()));

    private final Words words;

    Touch(String shorthand, String wording, String... synonyms) {
        this.words = new Words(shorthand, wording, List.of(synonyms));
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
