package fluidframe.core.rules;

import java.util.List;
import java.util.Optional;

/**
 * The rules of an organiser as a coach has written them down. The organiser's own stand above them.
 *
 * @param note what else is to be known
 */
public record Profile(String id, String title, String note, List<Division> divisions) {

    public static final int MOST_DIVISIONS = 40;

    /** @throws IllegalArgumentException if it has none, too many, or two of one title */
    public Profile {
        divisions = List.copyOf(divisions);
        if (divisions.isEmpty()
                || divisions.size() > MOST_DIVISIONS
                || divisions.stream().map(Division::title).distinct().count() < divisions.size()) {
            throw new IllegalArgumentException(RulesSentences.rulesHave1ToDivisionsEach(MOST_DIVISIONS));
        }
    }

    public Optional<Division> division(String called) {
        return divisions.stream()
                .filter(division -> division.title().equals(called))
                .findFirst();
    }
}
