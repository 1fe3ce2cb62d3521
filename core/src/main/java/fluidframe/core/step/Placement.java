package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;

import java.util.List;

/** Where the stepping foot goes relative to the supporting one. */
public enum Placement implements Term {
    FORWARD("fwd", "forward", "f"),
    BACK("bk", "back", "b", "back", "backward"),
    SIDE("sd", "to the side", "side", "s"),
    DIAGONAL_FORWARD("diag fwd", "diagonally forward", "dfwd"),
    DIAGONAL_BACK("diag bk", "diagonally back", "dbk", "diag back"),
    CLOSE("cl", "closes", "close", "closed", "together", "tog"),
    CROSS_IN_FRONT("XF", "crosses in front", "cross in front", "XIF"),
    CROSS_BEHIND("XB", "crosses behind", "cross behind", "XIB"),
    IN_PLACE("ip", "in place", "replace", "rep", "on the spot");

    public static final Lexicon<Placement> LEXICON = Lexicon.of("where the foot goes, such as fwd, bk, sd, cl or XF", List.of(values()));

    private final String shorthand;
    private final String wording;
    private final List<String> synonyms;

    Placement(String shorthand, String wording, String... synonyms) {
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
