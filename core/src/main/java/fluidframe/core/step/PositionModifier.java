package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;

import java.util.List;

/** What makes a foot position smaller, larger or more exact. */
public enum PositionModifier implements Term {
    SLIGHTLY_FORWARD("sl fwd", "slightly forward", "slightly fwd", "sl forward"),
    SLIGHTLY_BACK("sl bk", "slightly back", "sl back", "slightly bk"),
    SLIGHTLY_LEFT("sl L", "slightly to the left", "slightly left"),
    SLIGHTLY_RIGHT("sl R", "slightly to the right", "slightly right"),
    SMALL("small", "a small step", "sm"),
    LONG("long", "a long step"),
    ACROSS("across", "across the supporting foot"),
    CBMP("CBMP", "in contrary body movement position"),
    OUTSIDE_PARTNER("OP", "outside partner on the right side", "OP R", "outside partner"),
    OUTSIDE_PARTNER_LEFT("OP L", "outside partner on the left side"),
    PARTNER_OUTSIDE("PO", "partner stepping outside", "partner outside"),
    IN_PROMENADE("in PP", "in promenade position", "PP"),
    IN_COUNTER_PROMENADE("in CPP", "in counter promenade position", "CPP"),
    IN_FALLAWAY("in fallaway", "in fallaway position", "in FA");

    public static final Lexicon<PositionModifier> LEXICON = Lexicon.of("a modifier such as sl fwd, small, CBMP, OP or in PP", List.of(values()));

    private final String shorthand;
    private final String wording;
    private final List<String> synonyms;

    PositionModifier(String shorthand, String wording, String... synonyms) {
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
