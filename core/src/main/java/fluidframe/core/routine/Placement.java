package fluidframe.core.routine;

import fluidframe.core.link.Item;
import fluidframe.core.space.Alignment;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * One figure or element in a routine.
 *
 * @param item what is danced, and how
 * @param start the man's alignment it starts on here; empty to take the nearest it may start on
 * @param cornerAfter whether the couple turn a corner of the room after it
 * @param highlight whether it should catch the eye
 * @param note anything the coach wants to remember
 * @param section the section that begins with it, if one does
 * @param rounds which times of its section it is danced; every time if empty. So a section's ending changes
 */
@RecordBuilder
public record Placement(
        Item item,
        Optional<Alignment> start,
        boolean cornerAfter,
        boolean highlight,
        String note,
        Optional<Section> section,
        SortedSet<Integer> rounds)
        implements PlacementBuilder.With {

    public Placement {
        rounds = Collections.unmodifiableSortedSet(new TreeSet<>(rounds));
    }

    public static Placement of(Item item) {
        return new Placement(item, Optional.empty(), false, false, "", Optional.empty(), Collections.emptySortedSet());
    }

    public Placement withStart(Alignment alignment) {
        return withStart(Optional.of(alignment));
    }

    public Placement withCornerAfter() {
        return withCornerAfter(true);
    }

    public Placement beginning(Section other) {
        return withSection(Optional.of(other));
    }

    /** The same without an alignment it must start on. */
    public Placement startingAnywhere() {
        return withStart(Optional.empty());
    }

    /** The same with no section beginning there. */
    public Placement withinSection() {
        return withSection(Optional.empty());
    }

    /** The same by itself: no section begins with it, and it is danced every time. */
    public Placement once() {
        return withinSection().withRounds(Collections.emptySortedSet());
    }

    boolean isDancedIn(int round) {
        return rounds.isEmpty() || rounds.contains(round);
    }
}
