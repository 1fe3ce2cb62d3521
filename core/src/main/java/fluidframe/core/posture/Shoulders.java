package fluidframe.core.posture;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** How the shoulders are held: metres by which they are wider than usual. */
public enum Shoulders implements Term {
    DOWN("down", "down and quiet", 0),
    WIDE("wide", "down and wide, the blades drawn apart", 0.015),
    LEVEL("level", "level with the partner’s", 0);

    public static final Lexicon<Shoulders> LEXICON =
            Lexicon.of(PostureSentences.howTheShouldersAreHeldDown(), List.of(values()));

    private final Words words;
    private final double wider;

    Shoulders(String shorthand, String wording, double wider) {
        this.words = Words.of(shorthand, wording);
        this.wider = wider;
    }

    @Override
    public Words words() {
        return words;
    }

    double wider() {
        return wider;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
