package fluidframe.core.amalgamation;

import fluidframe.core.figure.Level;
import fluidframe.core.figure.Variation;
import fluidframe.core.link.Dancing;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Two to eight figures that are taught and remembered as one thing. Coaches set these one after another, with at most a
 * joining figure between, rather than single figures.
 *
 * @param routine its figures as they are danced by themselves
 * @param level the lowest couple it is given to; never below its hardest figure
 * @param uses where in a routine it belongs
 * @param energy from {@value #LEAST_ENERGY}, which stands or breathes, to {@value #MOST_ENERGY}, which is the peak
 * @param why what it is good for, in a coach's words
 */
public record Amalgamation(Routine routine, Level level, Set<AmalgamationUse> uses, int energy, String why) {

    public static final int LEAST_ENERGY = 1;
    public static final int MOST_ENERGY = 5;

    /** @throws IllegalArgumentException if the energy is not within its bounds, or a figure is above its level */
    public Amalgamation {
        uses = Set.copyOf(uses);
        if (energy < LEAST_ENERGY || energy > MOST_ENERGY) {
            throw new IllegalArgumentException("An energy of " + energy);
        }
        if (routine.highestLevel()
                .filter(hardest -> hardest.compareTo(level) > 0)
                .isPresent()) {
            throw new IllegalArgumentException("A figure above " + level);
        }
    }

    /** Placements as they are written, and begun with each entry that their first figure has, where it names none. */
    public static List<List<Placement>> begun(List<Placement> placements) {
        List<List<Placement>> all = new ArrayList<>(List.of(placements));
        if (placements.get(0).item() instanceof Dancing first
                && first.way().entry().isEmpty()) {
            for (Variation entry : first.figure().variants().entries()) {
                List<Placement> other = new ArrayList<>(placements);
                other.set(
                        0,
                        placements
                                .get(0)
                                .withItem(Dancing.of(first.figure(), first.way().withEntry(entry.name()))));
                all.add(other);
            }
        }
        return all;
    }
}
