package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** Which foot a row is danced with. */
public enum Foot implements Term {
    LEFT("LF", "left foot", "L", "left"),
    RIGHT("RF", "right foot", "R", "right"),
    BOTH("both", "both feet", "BF");

    public static final Lexicon<Foot> LEXICON = Lexicon.of(StepSentences.aFootLfRfOrBoth(), List.of(values()));

    private final Words words;

    Foot(String shorthand, String wording, String... synonyms) {
        this.words = new Words(shorthand, wording, List.of(synonyms));
    }

    /** The other foot; both feet have no other. */
    public Foot other() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case BOTH -> BOTH;
        };
    }

    /** Whether what needs the other foot can begin with this one free; with the weight on both either may. */
    public boolean serves(Foot needed) {
        return this == needed || this == BOTH || needed == BOTH;
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
