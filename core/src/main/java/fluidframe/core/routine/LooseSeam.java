package fluidframe.core.routine;

import fluidframe.core.link.Comparison;
import fluidframe.core.link.Outcome;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A seam that does not hold, and where to find it.
 *
 * @param outcome whether it bends or breaks
 * @param after index of the passage before it
 * @param bar the bar in which the passage after it begins, from 1
 * @param before what is danced before it
 * @param next what is danced after it
 * @param reason the first thing that does not fit, in a plain sentence
 */
public record LooseSeam(Outcome outcome, int after, int bar, String before, String next, String reason) {

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
        Outcome outcome = seam.verdict().outcome();
        String reason = seam.verdict().comparisons().stream()
                .filter(compared -> compared.outcome() == outcome)
                .findFirst()
                .map(Comparison::reason)
                .orElse("");
        return new LooseSeam(
                outcome,
                seam.after(),
                next.bar(),
                course.placements().get(seam.after()).dancing().figure().title(),
                next.dancing().figure().title(),
                reason);
    }
}
