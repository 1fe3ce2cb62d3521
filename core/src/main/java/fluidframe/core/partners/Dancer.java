package fluidframe.core.partners;

import fluidframe.core.couple.Part;
import java.util.Optional;

/**
 * Somebody in a class.
 *
 * @param name what the coach calls them
 * @param part the part they dance; empty for either
 */
public record Dancer(String name, Optional<Part> part) {

    /** @throws IllegalArgumentException for nobody's name */
    public Dancer {
        if (name.isBlank()) {
            throw new IllegalArgumentException(PartnersSentences.somebodyWithoutAName());
        }
    }
}
