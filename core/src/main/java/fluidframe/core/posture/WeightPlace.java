package fluidframe.core.posture;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** Over which part of the feet the weight is: metres before the middle of the feet. */
public enum WeightPlace implements Term {
    BALLS("balls", "over the balls of the feet", 0.05),
    MIDDLE("middle", "over the middle of the feet", 0),
    HEELS("heels", "over the heels", -0.06),
    INSIDE_EDGES("inside edges", "over the inside edges of the balls", 0.04),
    FRONT_FOOT("front foot", "over the front foot", 0.1);

    public static final Lexicon<WeightPlace> LEXICON =
            Lexicon.of(PostureSentences.overWhatTheWeightIsBalls(), List.of(values()));

    private final Words words;
    private final double forward;

    WeightPlace(String shorthand, String wording, double forward) {
        this.words = Words.of(shorthand, wording);
        this.forward = forward;
    }

    @Override
    public Words words() {
        return words;
    }

    double forward() {
        return forward;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
