package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;

import java.util.List;

/** To which side the body sways. */
public enum Sway implements Term {
    LEFT("L", "to the left", "left"), RIGHT("R", "to the right", "right"), NONE("-", "no sway", "none");

    public static final Lexicon<Sway> LEXICON = Lexicon.of("a sway: L, R or -", List.of(values()));

    private final String shorthand;
    private final String wording;
    private final String synonym;

    Sway(String shorthand, String wording, String synonym) {
        this.shorthand = shorthand;
        this.wording = wording;
        this.synonym = synonym;
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
        return List.of(synonym);
    }

    @Override
    public String toString() {
        return shorthand;
    }
}
