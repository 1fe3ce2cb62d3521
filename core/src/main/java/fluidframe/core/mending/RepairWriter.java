package fluidframe.core.mending;

import static fluidframe.core.mending.MendedRoutine.NEW;

import fluidframe.core.figure.Way;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Item;
import fluidframe.core.link.Repair;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Passage;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Section;
import fluidframe.core.work.TooMuchException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * Writes a repair of one seam into a routine: for every time the two placements are danced, or only for the times they
 * meet so.
 */
final class RepairWriter {

    private final Course course;
    private final int seam;
    private final Routine routine;
    private final Passage before;
    private final Passage after;

    /** @param seam the passage before it */
    RepairWriter(Course course, int seam) {
        this.course = course;
        this.seam = seam;
        this.routine = course.routine();
        this.before = course.placements().get(seam).passage();
        this.after = course.placements().get(seam + 1).passage();
    }

    private record Placed(Placement placement, int origin) {

        Placed as(Placement other) {
            return new Placed(other, origin);
        }
    }

    /**
     * Where a section meets itself again the narrower change comes first, elsewhere the wider one; neither if it would
     * be too long to dance.
     */
    List<MendedRoutine> write(Repair repair) {
        List<Placed> wide = everyTime(repair);
        List<Placed> narrow = theseTimes(repair);
        Stream<List<Placed>> changes =
                wide.equals(narrow) ? Stream.of(wide) : meetAgain() ? Stream.of(narrow, wide) : Stream.of(wide, narrow);
        return changes.flatMap(placements -> mended(repair, placements).stream())
                .toList();
    }

    private Optional<MendedRoutine> mended(Repair repair, List<Placed> placements) {
        try {
            return Optional.of(new MendedRoutine(
                    repair,
                    RepairEffect.of(course, seam, repair),
                    routine.placing(placements.stream().map(Placed::placement).toList()),
                    placements.stream().map(Placed::origin).toList()));
        } catch (TooMuchException e) {
            return Optional.empty();
        }
    }

    private boolean meetAgain() {
        return sectionOf(before.index()) == sectionOf(after.index()) && after.round() != before.round();
    }

    private List<Placed> everyTime(Repair repair) {
        List<Placed> placements = placed();
        change(placements, before.index(), after.index(), repair);
        placements.addAll(before.index() + 1, between(repair, Collections.emptySortedSet()));
        return placements;
    }

    /** The placements are parted into the times that meet so and the others, and only the first are changed. */
    private List<Placed> theseTimes(Repair repair) {
        List<Placed> placements = placed();
        boolean again = meetAgain();
        SortedSet<Integer> leaving = again ? rounds(1, times(before) - 1) : rounds(before.round(), before.round());
        SortedSet<Integer> meeting = again ? rounds(2, times(after)) : rounds(after.round(), after.round());
        int first = before.index();
        int second = after.index();
        if (first == second) {
            return everyTime(repair);
        }
        int later = Math.max(first, second);
        int earlier = Math.min(first, second);
        part(placements, later, later == first ? leaving : meeting, times(later == first ? before : after));
        boolean parted = part(
                placements, earlier, earlier == first ? leaving : meeting, times(earlier == first ? before : after));
        first += parted && first == later ? 1 : 0;
        second += parted && second == later ? 1 : 0;
        change(placements, first, second, repair);
        placements.addAll(first + 1, between(repair, times(before) > 1 ? leaving : Collections.emptySortedSet()));
        return placements;
    }

    private List<Placed> placed() {
        List<Placed> placements = new ArrayList<>();
        routine.placements().forEach(placement -> placements.add(new Placed(placement, placements.size())));
        return placements;
    }

    private static void change(List<Placed> placements, int first, int second, Repair repair) {
        Placed before = placements.get(first);
        placements.set(
                first, before.as(danced(before.placement(), repair.before()).withCornerAfter(repair.corner())));
        Placed next = placements.get(second);
        Placement danced = danced(next.placement(), repair.after());
        placements.set(second, next.as(repair.start().isPresent() ? danced : danced.startingAnywhere()));
    }

    private static Placement danced(Placement placement, Way way) {
        return placement.item() instanceof Dancing dancing
                ? placement.withItem(Dancing.of(dancing.figure(), way))
                : placement;
    }

    private static List<Placed> between(Repair repair, SortedSet<Integer> rounds) {
        return repair.between().stream()
                .map(RepairWriter::asWritten)
                .map(item -> new Placed(Placement.of(item).withRounds(rounds), NEW))
                .toList();
    }

    private static Item asWritten(Item item) {
        return item instanceof Dancing dancing ? Dancing.of(dancing.figure(), dancing.way()) : item;
    }

    /** @return whether the placement became two, the one with these rounds first */
    private static boolean part(List<Placed> placements, int index, SortedSet<Integer> rounds, int times) {
        Placed placed = placements.get(index);
        Placement whole = placed.placement();
        SortedSet<Integer> danced = new TreeSet<>(whole.rounds());
        if (danced.isEmpty()) {
            danced.addAll(rounds(1, times));
        }
        SortedSet<Integer> others = new TreeSet<>(danced);
        others.removeAll(rounds);
        danced.retainAll(rounds);
        if (others.isEmpty()) {
            return false;
        }
        placements.set(index, placed.as(whole.withRounds(danced)));
        placements.add(index + 1, placed.as(whole.withRounds(others).withinSection()));
        return true;
    }

    private int times(Passage passage) {
        int section = sectionOf(passage.index());
        return section < 0
                ? 1
                : routine.placements()
                        .get(section)
                        .section()
                        .map(Section::times)
                        .orElse(1);
    }

    /** The placement with which the section begins; -1 before the first. */
    private int sectionOf(int index) {
        int at = index;
        while (at >= 0 && routine.placements().get(at).section().isEmpty()) {
            at--;
        }
        return at;
    }

    private static SortedSet<Integer> rounds(int first, int last) {
        SortedSet<Integer> rounds = new TreeSet<>();
        for (int round = first; round <= last; round++) {
            rounds.add(round);
        }
        return Collections.unmodifiableSortedSet(rounds);
    }
}
