package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;

import java.util.List;

/** A movement of hips or body in the Latin dances. */
public enum HipMove implements Term {
    NEUTRAL("neutral", "hips neutral"),
    TURN("turn", "hips turn"),
    INCLINE("incline", "hips incline"),
    DIRECT("direct", "hips turn and incline"),
    SETTLE("settle", "hips settle"),
    LIFT("lift", "hips lift"),
    MAINTAIN("maintain", "hips stay", "stay"),
    FIGURE_OF_EIGHT("fig8", "figure of eight", "figure 8"),
    STRETCH("stretch", "body stretches");

    public static final Lexicon<HipMove> LEXICON = Lexicon.of("a body action such as settle, turn, incline, direct, lift or neutral", List.of(values()));

    private final String shorthand;
    private final String wording;
    private final List<String> synonyms;

    HipMove(String shorthand, String wording, String... synonyms) {
        this.shorthand = shorthand;
        this.wording = wording;
        this.synonyms = List.of(synonyms);
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
