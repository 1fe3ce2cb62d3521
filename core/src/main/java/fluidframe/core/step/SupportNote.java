package fluidframe.core.step;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** What footwork says besides the parts of the stepping foot. */
public enum SupportNote implements Term {
    TOE_RELEASED("tr", "toe of the other foot released", "toe released"),
    HEEL_RELEASED("hr", "heel of the other foot released", "heel released"),
    STANDING_HEEL_LOWERS("sh", "standing heel down", "heel of the standing foot down", "standing heel"),
    PRESSURE("press", "with pressure into the floor", "pressure");

    public static final Lexicon<SupportNote> LEXICON = Lexicon.of(StepSentences.trHrShOrPress(), List.of(values()));

    private final Words words;

    SupportNote(String shorthand, String wording, String... synonyms) {
        this.words = Words.of(shorthand, wording, synonyms);
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
