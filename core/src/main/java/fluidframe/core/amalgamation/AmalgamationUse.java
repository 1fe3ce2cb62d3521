package fluidframe.core.amalgamation;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** Where in a routine an amalgamation belongs; coaches plan by it. */
public enum AmalgamationUse implements Term {
    /** From standing. */
    OPENING("opening"),
    /** One idea with a way in and a way back, in a dance that stays where it is. */
    GROUP("group"),
    TRAVELLING("travelling"),
    LONG_SIDE("long side"),
    /** Little floor, filled. */
    SHORT_SIDE("short side"),
    /** Carries a corner of the room inside. */
    CORNER("corner"),
    /** Prepared, shown and released. */
    HIGHLIGHT("highlight"),
    /** Out of promenade, outside, backing or a blocked way into something plain. */
    RECOVERY("recovery"),
    /** Comes to rest on the phrase. */
    ENDING("ending");

    public static final Lexicon<AmalgamationUse> LEXICON =
            Lexicon.of(AmalgamationSentences.aUseOfAnAmalgamation(), List.of(values()));

    private final Words words;

    AmalgamationUse(String title) {
        this.words = Words.of(title, title);
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
