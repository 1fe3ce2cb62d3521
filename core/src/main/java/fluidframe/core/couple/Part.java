package fluidframe.core.couple;

import java.util.Optional;
import java.util.stream.Stream;

/**
 * The two parts of a dance. Nothing in the program depends on who dances which; a setting may show them as leader and
 * follower.
 */
public enum Part {
    MAN("man"),
    LADY("lady");

    private final String key;

    Part(String key) {
        this.key = key;
    }

    /** Its name in keys, files and answers, whatever it is called in sentences. */
    public String key() {
        return key;
    }

    /** What it is called in a sentence, as {@link Titles} have it. */
    public String wording() {
        return this == MAN ? CoupleSentences.man() : CoupleSentences.lady();
    }

    /** The part of this name; nothing else is one. */
    public static Optional<Part> named(String text) {
        return Stream.of(values())
                .filter(part -> part.key.equalsIgnoreCase(text.strip()))
                .findFirst();
    }

    public Part partner() {
        return this == MAN ? LADY : MAN;
    }
}
