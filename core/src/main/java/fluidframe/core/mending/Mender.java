package fluidframe.core.mending;

import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repair;
import fluidframe.core.link.Repairs;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.LooseSeam;
import fluidframe.core.routine.Passage;
import fluidframe.core.routine.Routine;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What mends a routine, one seam of it or all, with what a dance has. */
public final class Mender {

    private final Repertoire repertoire;

    public Mender(Repertoire repertoire) {
        this.repertoire = repertoire;
    }

    private record Candidate(MendedRoutine mended, int wanting) {}

    /**
     * What mends the seam after a passage; of each repair only what leaves the whole routine with less to mend.
     *
     * @param after a passage that is followed by another
     */
    public List<MendedRoutine> repairs(Course course, int after) {
        return mended(course, after).toList();
    }

    /**
     * Mends every seam that breaks, from the first to the last, with the first repair that takes away nothing the coach
     * has set: neither a corner nor an alignment.
     *
     * @param skipped seams that are left as they are
     */
    public MendingPlan plan(Course course, Collection<SeamKey> skipped) {
        Set<SeamKey> passed = new HashSet<>(skipped);
        List<MendingPlan.Step> steps = new ArrayList<>();
        List<MendingPlan.Left> left = new ArrayList<>();
        Course now = course;
        List<Integer> origins =
                IntStream.range(0, course.routine().placements().size()).boxed().toList();
        while (true) {
            Optional<LooseSeam> next = next(now, origins, passed);
            if (next.isEmpty()) {
                return new MendingPlan(steps, left);
            }
            LooseSeam seam = next.get();
            SeamKey key = key(now, origins, seam.after());
            passed.add(key);
            Repairs.Join asked = now.join(seam.after());
            Optional<MendedRoutine> mended = mended(now, seam.after())
                    .filter(each -> takesNothingAway(asked, each.repair()))
                    .findFirst();
            if (mended.isPresent()) {
                MendedRoutine told = mended.get().after(origins);
                now = Course.of(told.routine());
                origins = told.origins();
                steps.add(new MendingPlan.Step(key, seam, told));
            } else {
                left.add(new MendingPlan.Left(key, seam));
            }
        }
    }

    private static Optional<LooseSeam> next(Course course, List<Integer> origins, Set<SeamKey> passed) {
        return LooseSeam.broken(course).stream()
                .filter(seam -> !passed.contains(key(course, origins, seam.after())))
                .findFirst();
    }

    private static SeamKey key(Course course, List<Integer> origins, int after) {
        Passage passage = course.placements().get(after).passage();
        return new SeamKey(origins.get(passage.index()), passage.round());
    }

    private static boolean takesNothingAway(Repairs.Join seam, Repair repair) {
        return (repair.corner() || !seam.corner())
                && (repair.start().isPresent() || seam.start().isEmpty());
    }

    private Stream<MendedRoutine> mended(Course course, int after) {
        RepairWriter writer = new RepairWriter(course, after);
        int wanting = wanting(course);
        return new Repairs(repertoire)
                .of(course.join(after)).stream()
                        .flatMap(repair -> writer.write(repair).stream()
                                .map(mended -> new Candidate(mended, wanting(Course.of(mended.routine()))))
                                .filter(candidate -> candidate.wanting() < wanting)
                                .min(Comparator.comparingInt(Candidate::wanting))
                                .stream())
                        .map(Candidate::mended);
    }

    /** How much there is to mend: no number of seams that bend weighs as much as one that breaks. */
    private static int wanting(Course course) {
        return course.count(Outcome.BREAKS) * (Routine.MOST_PASSAGES + 1) + course.count(Outcome.BENDS);
    }
}
