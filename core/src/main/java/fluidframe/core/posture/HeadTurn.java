package fluidframe.core.posture;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** Where the head looks: degrees by which it turns to the left. */
public enum HeadTurn implements Term {
    STRAIGHT("straight", "straight ahead", 0),
    LEFT("L", "to the left", 40),
    RIGHT("R", "to the right", -40),
    OVER_LEFT("over L", "over the left hand, extended", 55),
    ARM("along the arm", "along the joined arms", 75);

    public static final Lexicon<HeadTurn> LEXICON =
            Lexicon.of(PostureSentences.whereTheHeadLooksStraightL(), List.of(values()));

    private final Words words;
    private final double degrees;

    HeadTurn(String shorthand, String wording, double degrees) {
        this.words = Words.of(shorthand, wording);
        this.degrees = degrees;
    }

    @Override
    public Words words() {
        return words;
    }

    double degrees() {
        return degrees;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
