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

    private final String wording;

    Part(String wording) {
        this.wording = wording;
    }

    public String wording() {
        return wording;
    }

    /** The part of this name; nothing else is one. */
    public static Optional<Part> named(String text) {
        return Stream.of(values())
                .filter(part -> part.wording.equalsIgnoreCase(text.strip()))
                .findFirst();
    }

    public Part partner() {
        return this == MAN ? LADY : MAN;
    }
}
