package fluidframe.core.routine;

import java.util.List;
import java.util.Optional;

/**
 * The placements of one section.
 *
 * @param section what it is called, and how often it is danced
 * @param from the placement it begins with, from 0
 * @param to one more than the last of its placements
 */
public record SectionSpan(Section section, int from, int to) {

    /** The section a placement lies in; empty before the first. */
    public static Optional<SectionSpan> around(List<Placement> placements, int placement) {
        int from = placement;
        while (from >= 0 && placements.get(from).section().isEmpty()) {
            from--;
        }
        if (from < 0) {
            return Optional.empty();
        }
        int to = from + 1;
        while (to < placements.size() && placements.get(to).section().isEmpty()) {
            to++;
        }
        return Optional.of(new SectionSpan(placements.get(from).section().orElseThrow(), from, to));
    }

    /** Whether a passage is danced in a given time of this section. */
    public boolean has(Passage passage, int round) {
        return passage.index() >= from && passage.index() < to && passage.round() == round;
    }
}
