package fluidframe.core.posture;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** How far the knees bend: degrees by which thigh and shin lean. */
public enum Knees implements Term {
    STRAIGHT("straight", "straight, not locked", 0),
    SOFT("soft", "soft", 9),
    FLEXED("flexed", "flexed", 18),
    COMPACT("compact", "well flexed", 26);

    public static final Lexicon<Knees> LEXICON =
            Lexicon.of(PostureSentences.howFarTheKneesBendStraight(), List.of(values()));

    private final Words words;
    private final double degrees;

    Knees(String shorthand, String wording, double degrees) {
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
