package fluidframe.core.posture;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/**
 * How the feet stand: metres between the feet, metres by which one is before the other, and degrees by which they turn
 * out.
 */
public enum FeetStance implements Term {
    TOGETHER("together", "together, side by side", 0.09, 0, 0),
    APART("apart", "a little apart", 0.2, 0, 0),
    STAGGERED("staggered", "one half a foot behind the other", 0.1, 0.14, 0),
    TURNED_OUT("turned out", "together, turned out from the heels", 0.09, 0, 20),
    SPLIT_FORWARD("forward", "one forward, the weight on it", 0.1, 0.32, 10),
    SPLIT_BACK("back", "one back, the weight on it", 0.1, -0.32, 20);

    public static final Lexicon<FeetStance> LEXICON =
            Lexicon.of(PostureSentences.howTheFeetStandTogetherApart(), List.of(values()));

    private final Words words;
    private final double gap;
    private final double lead;
    private final double turnOut;

    FeetStance(String shorthand, String wording, double gap, double lead, double turnOut) {
        this.words = Words.of(shorthand, wording);
        this.gap = gap;
        this.lead = lead;
        this.turnOut = turnOut;
    }

    @Override
    public Words words() {
        return words;
    }

    double gap() {
        return gap;
    }

    double lead() {
        return lead;
    }

    double turnOut() {
        return turnOut;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
