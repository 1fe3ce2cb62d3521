package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** To which side the body sways. */
public enum Sway implements Term {
    LEFT("L", "to the left", "left"),
    RIGHT("R", "to the right", "right"),
    NONE("-", "no sway", "none");

    public static final Lexicon<Sway> LEXICON = Lexicon.of("a sway: L, R or -", List.of(values()));

    private final Words words;

    Sway(String shorthand, String wording, String synonym) {
        this.words = Words.of(shorthand, wording, synonym);
    }

    @Override
    public Words words() {
        return words;
    }

    /** His left is her right when they face each other. */
    public Sway mirrored() {
        return this == LEFT ? RIGHT : this == RIGHT ? LEFT : NONE;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
