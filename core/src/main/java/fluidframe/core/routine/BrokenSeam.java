package fluidframe.core.routine;

import fluidframe.core.link.Comparison;
import fluidframe.core.link.Outcome;
import java.util.List;

/**
 * A seam that breaks, and where to find it.
 *
 * @param after index of the passage before it
 * @param bar the bar in which the passage after it begins, from 1
 * @param before what is danced before it
 * @param next what is danced after it
 * @param reason the first thing that does not fit, in a plain sentence
 */
public record BrokenSeam(int after, int bar, String before, String next, String reason) {

    /** Those of a routine, in order. */
    public static List<BrokenSeam> of(Course course) {
        return course.seams().stream()
                .filter(seam -> seam.verdict().outcome() == Outcome.BREAKS)
                .map(seam -> of(course, seam))
                .toList();
    }

    /** Those that break in a course and not in another of the same placements. */
    public static List<BrokenSeam> brokenOnlyIn(Course course, Course other) {
        List<Integer> known = of(other).stream().map(BrokenSeam::after).toList();
        return of(course).stream().filter(seam -> !known.contains(seam.after())).toList();
    }

    private static BrokenSeam of(Course course, Seam seam) {
        ScoredPlacement next = course.placements().get(seam.after() + 1);
        String reason = seam.verdict().comparisons().stream()
                .filter(compared -> compared.outcome() == Outcome.BREAKS)
                .findFirst()
                .map(Comparison::reason)
                .orElse("");
        return new BrokenSeam(
                seam.after(),
                next.bar(),
                course.placements().get(seam.after()).dancing().figure().title(),
                next.dancing().figure().title(),
                reason);
    }
}
