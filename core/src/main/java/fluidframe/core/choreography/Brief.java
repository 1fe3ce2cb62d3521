package fluidframe.core.choreography;

import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.compose.Wish;
import fluidframe.core.routine.Course;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a coach asks a choreographer for.
 *
 * @param course the routine it goes into as it stands, with its dance, floor, level and couple
 * @param after the passage it follows; empty to begin the routine with it
 * @param wish length, music, figures and what may be lifted; its corners and sides are not read, for the floor itself
 *     is
 * @param corners how many corners are turned; as many as the way needs if empty
 * @param onFloor whether it must have room on the floor
 * @param shelf the amalgamations there are
 * @param own which of them are the studio's own, by id; they count more than those of the book
 * @param requiredGroups amalgamations that must come, by id
 * @param barredGroups amalgamations that must not
 * @param energies how much energy is wanted over equal parts of its length, from 1 to 5; the usual curve if there are
 *     none
 */
@RecordBuilder
public record Brief(
        Course course,
        Optional<Integer> after,
        Wish wish,
        Optional<Integer> corners,
        boolean onFloor,
        List<Amalgamation> shelf,
        Set<String> own,
        Set<String> requiredGroups,
        Set<String> barredGroups,
        List<Double> energies)
        implements BriefBuilder.With {

    /** More than are ever asked for at once. */
    public static final int MOST_REQUIRED_GROUPS = 16;

    public Brief {
        shelf = List.copyOf(shelf);
        own = Set.copyOf(own);
        requiredGroups = Set.copyOf(requiredGroups);
        barredGroups = Set.copyOf(barredGroups);
        energies = List.copyOf(energies);
    }
}
