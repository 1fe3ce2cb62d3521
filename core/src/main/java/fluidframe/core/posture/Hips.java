package fluidframe.core.posture;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** Where the hips are: metres before and to the left of the place over the feet. */
public enum Hips implements Term {
    UNDER("under", "under the ribs, level", 0, 0),
    LEVEL("level", "level", 0, 0),
    FORWARD("forward", "forward over the feet", 0.04, 0),
    BACK("back", "a little back, for flexed knees", -0.04, 0),
    SETTLED_LEFT("settled L", "settled to the left", 0, 0.06),
    SETTLED_RIGHT("settled R", "settled to the right", 0, -0.06);

    public static final Lexicon<Hips> LEXICON =
            Lexicon.of(PostureSentences.whereTheHipsAreUnderLevel(), List.of(values()));

    private final Words words;
    private final double forward;
    private final double left;

    Hips(String shorthand, String wording, double forward, double left) {
        this.words = Words.of(shorthand, wording);
        this.forward = forward;
        this.left = left;
    }

    @Override
    public Words words() {
        return words;
    }

    double forward() {
        return forward;
    }

    double left() {
        return left;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
