package fluidframe.core.routine;

import fluidframe.core.link.Outcome;
import fluidframe.core.link.Verdict;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A seam that does not hold, and where to find it.
 *
 * @param verdict whether it bends or breaks, and why
 * @param after index of the passage before it
 * @param bar the bar in which the passage after it begins, from 1
 * @param before what is danced before it
 * @param next what is danced after it
 */
public record LooseSeam(Verdict verdict, int after, int bar, String before, String next) {

    /** Those of a routine that break, in order. */
    public static List<LooseSeam> broken(Course course) {
        return course.seams().stream()
                .filter(seam -> seam.verdict().outcome() == Outcome.BREAKS)
                .map(seam -> of(course, seam))
                .toList();
    }

    /**
     * Those that are worse in a course than in another of the same placements: that bend or break and held, or break
     * and bent.
     */
    public static List<LooseSeam> worseThanIn(Course other, Course course) {
        Map<Integer, Outcome> before = other.seams().stream()
                .collect(Collectors.toMap(Seam::after, seam -> seam.verdict().outcome()));
        return course.seams().stream()
                .filter(seam -> isWorse(seam.verdict().outcome(), before.getOrDefault(seam.after(), Outcome.HOLDS)))
                .map(seam -> of(course, seam))
                .toList();
    }

    private static boolean isWorse(Outcome now, Outcome before) {
        return now.compareTo(before) > 0;
    }

    private static LooseSeam of(Course course, Seam seam) {
        ScoredPlacement next = course.placements().get(seam.after() + 1);
        return new LooseSeam(
                seam.verdict(),
                seam.after(),
                next.bar(),
                course.placements().get(seam.after()).dancing().figure().title(),
                next.dancing().figure().title());
    }
}
