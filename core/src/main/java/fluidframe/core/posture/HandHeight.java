package fluidframe.core.posture;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** How high joined hands are: share of the height of the shorter of the two. */
public enum HandHeight implements Term {
    EYE("eye", "at eye height", 0.936),
    CHIN("chin", "at chin height", 0.87),
    SHOULDER("shoulder", "at shoulder height", 0.82),
    CHEST("chest", "at chest height", 0.72),
    WAIST("waist", "at waist height", 0.62),
    HIP("hip", "at hip height", 0.53);

    public static final Lexicon<HandHeight> LEXICON =
            Lexicon.of(PostureSentences.howHighTheJoinedHandsAre(), List.of(values()));

    private final Words words;
    private final double share;

    HandHeight(String shorthand, String wording, double share) {
        this.words = Words.of(shorthand, wording);
        this.share = share;
    }

    @Override
    public Words words() {
        return words;
    }

    double share() {
        return share;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
