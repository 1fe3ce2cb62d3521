package fluidframe.core.figure;

import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/** Where schools differ in how a figure's body is danced. Both partners must dance the same one. */
public enum School implements Term {
    CLASSIC("classic", "classic body action"),
    CONTEMPORARY("contemporary", "contemporary body action"),
    BOUNCE("bounce", "with bounce"),
    GLIDE("glide", "gliding, without bounce");

    public static final Lexicon<School> LEXICON =
            Lexicon.of(FigureSentences.aSchoolClassicContemporaryBounceOr(), List.of(values()));

    private final Words words;

    School(String name, String wording) {
        this.words = Words.of(name, wording);
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
