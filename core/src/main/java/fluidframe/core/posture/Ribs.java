package fluidframe.core.posture;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** How the ribs are held: degrees by which the upper body leans to the left. */
public enum Ribs implements Term {
    LIFTED("lifted", "lifted off the hips", 0),
    DRAWN_IN("drawn in", "drawn in and down", 0),
    STRETCHED_LEFT("stretched L", "stretched on the left side", -5),
    STRETCHED_RIGHT("stretched R", "stretched on the right side", 5),
    SHAPED("shaped", "lifted, the chest shaped up", 0);

    public static final Lexicon<Ribs> LEXICON =
            Lexicon.of(PostureSentences.howTheRibsAreHeldLifted(), List.of(values()));

    private final Words words;
    private final double tilt;

    Ribs(String shorthand, String wording, double tilt) {
        this.words = Words.of(shorthand, wording);
        this.tilt = tilt;
    }

    @Override
    public Words words() {
        return words;
    }

    double tilt() {
        return tilt;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
