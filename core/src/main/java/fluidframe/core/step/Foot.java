package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;

import java.util.List;

/** Which foot a row is danced with. */
public enum Foot implements Term {
    LEFT("LF", "left foot", "L", "left"), RIGHT("RF", "right foot", "R", "right"), BOTH("both", "both feet", "BF");

    public static final Lexicon<Foot> LEXICON = Lexicon.of("a foot: LF, RF or both", List.of(values()));

    private final String shorthand;
    private final String wording;
    private final List<String> synonyms;

    Foot(String shorthand, String wording, String... synonyms) {
        this.shorthand = shorthand;
        this.wording = wording;
        this.synonyms = List.of(synonyms);
    }

    /** The other foot; both feet have no other. */
    public Foot other() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case BOTH -> BOTH;
        };
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
        return synonyms;
    }

    @Override
    public String toString() {
        return shorthand;
    }
}
