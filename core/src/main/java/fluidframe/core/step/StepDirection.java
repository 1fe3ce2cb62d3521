package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** Where the stepping foot goes relative to the supporting one. */
public enum StepDirection implements Term {
    FORWARD("fwd", "forward", "f"),
    BACK("bk", "back", "b", "back", "backward"),
    SIDE("sd", "to the side", "side", "s"),
    DIAGONAL_FORWARD("diag fwd", "diagonally forward", "dfwd"),
    DIAGONAL_BACK("diag bk", "diagonally back", "dbk", "diag back"),
    CLOSE("cl", "closes", "close", "closed", "together", "tog"),
    CROSS_IN_FRONT("XF", "crosses in front", "cross in front", "XIF"),
    CROSS_BEHIND("XB", "crosses behind", "cross behind", "XIB"),
    IN_PLACE("ip", "in place", "replace", "rep", "on the spot");

    public static final Lexicon<StepDirection> LEXICON =
            Lexicon.of(StepSentences.whereTheFootGoesSuchAs(), List.of(values()));

    private final Words words;

    StepDirection(String shorthand, String wording, String... synonyms) {
        this.words = new Words(shorthand, wording, List.of(synonyms));
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
