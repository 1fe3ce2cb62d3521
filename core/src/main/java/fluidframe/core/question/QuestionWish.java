package fluidframe.core.question;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Level;
import java.util.Optional;
import java.util.Set;

/**
 * What is to be asked.
 *
 * @param kinds what of a figure; anything if empty
 * @param highest the level of the hardest figures
 * @param part whose steps; either's if empty
 * @param figures of which figures, by id; of any if empty
 */
public record QuestionWish(Set<QuestionKind> kinds, Level highest, Optional<Part> part, Set<String> figures) {

    public static final QuestionWish ANYTHING = new QuestionWish(Set.of(), Level.OPEN, Optional.empty(), Set.of());

    public QuestionWish {
        kinds = kinds.isEmpty() ? Set.copyOf(QuestionKind.all()) : Set.copyOf(kinds);
        figures = Set.copyOf(figures);
    }

    boolean asks(Part asked) {
        return part.map(asked::equals).orElse(true);
    }
}
