package fluidframe.app.composing;

import fluidframe.app.composing.ComposingDocuments.RepairDocument;
import fluidframe.app.composing.MendingPlanDocument.LeftDocument;
import fluidframe.app.composing.MendingPlanDocument.SeamKey;
import fluidframe.app.composing.MendingPlanDocument.StepDocument;
import fluidframe.app.routines.BrokenSeamDocument;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.Scores;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repair;
import fluidframe.core.link.Repairs;
import fluidframe.core.routine.BrokenSeam;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Passage;
import fluidframe.core.routine.Routine;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What mends a routine, one seam of it or all. */
@Component
final class Mender {

    private final RoutineReader reader;
    private final Repertoires repertoires;
    private final Scores scores;

    Mender(RoutineReader reader, Scores scores, Repertoires repertoires) {
        this.scores = scores;
        this.reader = reader;
        this.repertoires = repertoires;
    }

    private record Mended(Repair repair, Mending.Written written, int wanting) {
    }

    /** What mends the seam after a passage; of each repair only what leaves the whole routine with less to mend. */
    List<RepairDocument> repairs(RoutineDocument document, int after) {
        Standing standing = standing(document);
        return mended(document, standing, after).map(mended -> RepairDocument.of(mended.repair(), mended.written().document())).toList();
    }

    /**
     * Mends every seam that breaks, from the first to the last, with the cheapest repair that takes away nothing the coach has set.
     *
     * @param skipped seams that are left as they are
     */
    MendingPlanDocument plan(RoutineDocument document, Collection<SeamKey> skipped) {
        Set<SeamKey> passed = new HashSet<>(skipped);
        List<StepDocument> steps = new ArrayList<>();
        List<LeftDocument> left = new ArrayList<>();
        RoutineDocument now = document;
        List<Integer> origins = IntStream.range(0, document.placements().size()).boxed().toList();
        for (Standing standing = standing(now); ; standing = standing(now)) {
            Optional<BrokenSeam> next = next(standing, origins, passed);
            if (next.isEmpty()) {
                return new MendingPlanDocument(steps, left);
            }
            BrokenSeam seam = next.get();
            SeamKey key = key(standing, origins, seam.after());
            passed.add(key);
            Repairs.Join asked = standing.seam(seam.after());
            Optional<Mended> mended = mended(now, standing, seam.after()).filter(each -> takesNothingAway(asked, each.repair())).findFirst();
            if (mended.isPresent()) {
                List<Integer> before = origins;
                now = mended.get().written().document();
                origins = mended.get().written().origins().stream().map(origin -> origin == Mending.NEW ? origin : before.get(origin)).toList();
                steps.add(new StepDocument(key, BrokenSeamDocument.of(seam), RepairDocument.of(mended.get().repair(), now)));
            } else {
                left.add(new LeftDocument(key, BrokenSeamDocument.of(seam)));
            }
        }
    }

    private static Optional<BrokenSeam> next(Standing standing, List<Integer> origins, Set<SeamKey> passed) {
        return BrokenSeam.of(standing.course()).stream().filter(seam -> !passed.contains(key(standing, origins, seam.after()))).findFirst();
    }

    /** By the placement before it, as it was numbered at first, so that the seam is known again when others have been mended. */
    private static SeamKey key(Standing standing, List<Integer> origins, int after) {
        Passage passage = standing.placed(after).passage();
        return new SeamKey(origins.get(passage.index()), passage.round());
    }

    private static boolean takesNothingAway(Repairs.Join seam, Repair repair) {
        return (repair.corner() || !seam.corner()) && (repair.start().isPresent() || seam.start().isEmpty());
    }

    private Stream<Mended> mended(RoutineDocument document, Standing standing, int after) {
        Repairs.Join seam = standing.seam(after);
        Mending mending = new Mending(document, standing.routine(), standing.placed(after).passage(), standing.placed(after + 1).passage());
        int wanting = wanting(standing.course());
        Map<String, Figure> figures = standing.repertoire().figures().stream().collect(Collectors.toMap(Figure::id, Function.identity()));
        return new Repairs(standing.repertoire()).of(seam).stream()
                .flatMap(repair -> mending.of(repair).stream().map(written -> new Mended(repair, written, wanting(Course.of(RoutineReader.read(written.document(), figures, "")))))
                        .filter(mended -> mended.wanting() < wanting).min(Comparator.comparingInt(Mended::wanting)).stream());
    }

    /** How much there is to mend: no number of seams that bend weighs as much as one that breaks. */
    private static int wanting(Course course) {
        return course.count(Outcome.BREAKS) * (Routine.MOST_PASSAGES + 1) + course.count(Outcome.BENDS);
    }

    private Standing standing(RoutineDocument document) {
        return new Standing(scores.of(reader.read(document)), repertoires);
    }
}
