package fluidframe.app.composing;

import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.core.link.Repair;
import fluidframe.core.notation.RepeatTimes;
import fluidframe.core.routine.Passage;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Section;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/** Writes a repair of one seam into a routine: for every time the two placements are danced, or only for the times they meet so. */
final class Mending {

    /** The origin of a placement that was not there before. */
    static final int NEW = -1;

    private final RoutineDocument document;
    private final Routine routine;
    private final Passage before;
    private final Passage after;

    Mending(RoutineDocument document, Routine routine, Passage before, Passage after) {
        this.document = document;
        this.routine = routine;
        this.before = before;
        this.after = after;
    }

    /**
     * A routine with a repair written into it.
     *
     * @param origins for each placement the index it had before, or {@link #NEW}
     */
    record Written(RoutineDocument document, List<Integer> origins) {
    }

    private record Placed(PlacementDocument document, int origin) {

        Placed as(PlacementDocument other) {
            return new Placed(other, origin);
        }
    }

    /** Where a section meets itself again the narrower change comes first, elsewhere the wider one. */
    List<Written> of(Repair repair) {
        Written wide = everyTime(repair);
        Written narrow = theseTimes(repair);
        return wide.equals(narrow) ? List.of(wide) : meetAgain() ? List.of(narrow, wide) : List.of(wide, narrow);
    }

    private boolean meetAgain() {
        return sectionOf(before.index()) == sectionOf(after.index()) && after.round() != before.round();
    }

    private Written everyTime(Repair repair) {
        List<Placed> placements = placed();
        change(placements, before.index(), after.index(), repair);
        placements.addAll(before.index() + 1, between(repair, null));
        return written(placements);
    }

    /** The placements are parted into the times that meet so and the others, and only the first are changed. */
    private Written theseTimes(Repair repair) {
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
        boolean parted = part(placements, earlier, earlier == first ? leaving : meeting, times(earlier == first ? before : after));
        first += parted && first == later ? 1 : 0;
        second += parted && second == later ? 1 : 0;
        change(placements, first, second, repair);
        placements.addAll(first + 1, between(repair, times(before) > 1 ? RepeatTimes.write(leaving) : null));
        return written(placements);
    }

    private List<Placed> placed() {
        List<Placed> placements = new ArrayList<>();
        document.placements().forEach(placement -> placements.add(new Placed(placement, placements.size())));
        return placements;
    }

    private Written written(List<Placed> placements) {
        return new Written(document.with(placements.stream().map(Placed::document).toList()), placements.stream().map(Placed::origin).toList());
    }

    private static void change(List<Placed> placements, int first, int second, Repair repair) {
        Placed before = placements.get(first);
        placements.set(first, before.as(ComposingDocuments.danced(before.document(), repair.before(), true, repair.corner())));
        Placed next = placements.get(second);
        placements.set(second, next.as(ComposingDocuments.danced(next.document(), repair.after(), repair.start().isPresent(), next.document().cornerAfter())));
    }

    private static List<Placed> between(Repair repair, String rounds) {
        return repair.between().stream().map(item -> new Placed(ComposingDocuments.placement(item, false).within(null, rounds), NEW)).toList();
    }

    /** @return whether the placement became two, the one with these rounds first */
    private boolean part(List<Placed> placements, int index, SortedSet<Integer> rounds, int times) {
        Placed placed = placements.get(index);
        PlacementDocument whole = placed.document();
        SortedSet<Integer> danced = new TreeSet<>(routine.placements().get(index).rounds());
        if (danced.isEmpty()) {
            danced.addAll(rounds(1, times));
        }
        SortedSet<Integer> others = new TreeSet<>(danced);
        others.removeAll(rounds);
        danced.retainAll(rounds);
        if (others.isEmpty()) {
            return false;
        }
        placements.set(index, placed.as(whole.within(whole.section(), RepeatTimes.write(danced))));
        placements.add(index + 1, placed.as(whole.within(null, RepeatTimes.write(others))));
        return true;
    }

    private int times(Passage passage) {
        int section = sectionOf(passage.index());
        return section < 0 ? 1 : routine.placements().get(section).section().map(Section::times).orElse(1);
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
