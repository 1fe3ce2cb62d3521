package fluidframe.core.routine;

import fluidframe.core.dance.Dance;
import fluidframe.core.link.Terms;
import fluidframe.core.time.Tempo;

import java.util.List;

/**
 * Placements in the order they are danced, all of one dance.
 *
 * @param terms how strictly the syllabus binds
 */
public record Routine(String id, String title, Dance dance, Tempo tempo, Terms terms, List<Placement> placements) {

    /** More placements than a routine of several minutes needs. */
    public static final int MOST_PLACEMENTS = 200;

    /**
     * @throws IllegalArgumentException if a placement belongs to another dance or there are too many
     */
    public Routine {
        placements = List.copyOf(placements);
        if (placements.size() > MOST_PLACEMENTS) {
            throw new IllegalArgumentException(placements.size() + " placements: expected at most " + MOST_PLACEMENTS);
        }
        for (Placement placement : placements) {
            if (!placement.figure().dance().equals(dance)) {
                throw new IllegalArgumentException(placement.figure().title() + " belongs to " + placement.figure().dance().title() + ", not to " + dance.title());
            }
        }
    }
}
