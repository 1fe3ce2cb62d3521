package fluidframe.core.couple;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** How near the couple keep to each other within what their position allows. */
public enum Proximity implements Term {
    CONTACT("contact", "in body contact"),
    CLOSE("close", "close"),
    EXTENDED("extended", "extended to arm's length");

    public static final Lexicon<Proximity> LEXICON =
            Lexicon.of(CoupleSentences.contactCloseOrExtended(), List.of(values()));

    private final Words words;

    Proximity(String shorthand, String wording) {
        this.words = Words.of(shorthand, wording);
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
