package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
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
    STRETCH("stretch", "body stretches"),
    RIBS("ribs", "rib cage answers", "rib cage"),
    HEAD("head", "head turns"),
    SPOT("spot", "head spots"),
    ROLL("roll", "body rolls"),
    BOUNCE("bounce", "knees and ankles give and return"),
    GLIDE("glide", "no bounce");

    public static final Lexicon<HipMove> LEXICON =
            Lexicon.of(StepSentences.aBodyActionSuchAsSettle(), List.of(values()));

    private final Words words;

    HipMove(String shorthand, String wording, String... synonyms) {
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
