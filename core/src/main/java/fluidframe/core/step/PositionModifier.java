package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** What makes a foot position smaller, larger or more exact. */
public enum PositionModifier implements Term {
    SLIGHTLY_FORWARD("sl fwd", "slightly forward", "slightly fwd", "sl forward"),
    SLIGHTLY_BACK("sl bk", "slightly back", "sl back", "slightly bk"),
    SLIGHTLY_LEFT("sl L", "slightly to the left", "slightly left"),
    SLIGHTLY_RIGHT("sl R", "slightly to the right", "slightly right"),
    SMALL("small", "a small step", "sm"),
    LONG("long", "a long step"),
    LEFT_SIDE_LEADING("LSL", "left side leading", "left side lead"),
    RIGHT_SIDE_LEADING("RSL", "right side leading", "right side lead"),
    ACROSS("across", "across the supporting foot"),
    CBMP("CBMP", "in contrary body movement position"),
    OUTSIDE_PARTNER("OP", "outside partner on the right side", "OP R", "outside partner"),
    OUTSIDE_PARTNER_LEFT("OP L", "outside partner on the left side"),
    PARTNER_OUTSIDE("PO", "partner stepping outside", "partner outside"),
    PARTNER_OUTSIDE_LEFT("PO L", "partner stepping outside on the left side"),
    IN_PROMENADE("in PP", "in promenade position", "PP"),
    IN_COUNTER_PROMENADE("in CPP", "in counter promenade position", "CPP"),
    IN_FALLAWAY("in fallaway", "in fallaway position", "in FA");

    public static final Lexicon<PositionModifier> LEXICON =
            Lexicon.of(StepSentences.aModifierSuchAsSlFwd(), List.of(values()));

    private final Words words;

    PositionModifier(String shorthand, String wording, String... synonyms) {
        this.words = new Words(shorthand, wording, List.of(synonyms));
    }

    /** The same seen in a mirror; fallaway and "partner outside" name no side. */
    public PositionModifier mirrored() {
        return switch (this) {
            case SLIGHTLY_LEFT -> SLIGHTLY_RIGHT;
            case SLIGHTLY_RIGHT -> SLIGHTLY_LEFT;
            case LEFT_SIDE_LEADING -> RIGHT_SIDE_LEADING;
            case RIGHT_SIDE_LEADING -> LEFT_SIDE_LEADING;
            case OUTSIDE_PARTNER -> OUTSIDE_PARTNER_LEFT;
            case OUTSIDE_PARTNER_LEFT -> OUTSIDE_PARTNER;
            case PARTNER_OUTSIDE -> PARTNER_OUTSIDE_LEFT;
            case PARTNER_OUTSIDE_LEFT -> PARTNER_OUTSIDE;
            case IN_PROMENADE -> IN_COUNTER_PROMENADE;
            case IN_COUNTER_PROMENADE -> IN_PROMENADE;
            case SLIGHTLY_FORWARD, SLIGHTLY_BACK, SMALL, LONG, ACROSS, CBMP, IN_FALLAWAY -> this;
        };
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
