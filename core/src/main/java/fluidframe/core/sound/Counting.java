package fluidframe.core.sound;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** What is said aloud. */
public enum Counting implements Term {
    /** The mark of each step, as its chart counts it. */
    STEPS("steps", "each step, as its chart counts it"),
    /** Every beat of the bar by its number. */
    BEATS("beats", "every beat of the bar"),
    /** Every beat, the first of each bar by the number of the bar in its phrase. */
    BARS("bars", "every beat, and on the first which bar of the phrase it is");

    public static final Lexicon<Counting> LEXICON =
            Lexicon.of(SoundSentences.whatIsCountedStepsBeatsOr(), List.of(values()));

    private final Words words;

    Counting(String shorthand, String wording) {
        this.words = Words.of(shorthand, wording);
    }

    @Override
    public Words words() {
        return words;
    }
}
