package fluidframe.core.amalgamation;

import fluidframe.core.link.Dancing;
import fluidframe.core.link.Outcome;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.routine.Seam;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The amalgamations that a routine can go on with from a place. What is said of each is read off the routine danced
 * with it, not off the pair of figures: a way in may bend, and no seam of it may break.
 */
public final class Continuations {

    /** A figure danced again within so many bars is a stammer, not a theme. */
    private static final int STAMMER_BARS = 8;

    private static final Comparator<Continuation> BEST_FIRST = Comparator.comparing(
                    (Continuation each) -> each.in().orElse(Outcome.HOLDS))
            .thenComparing(each -> each.out().orElse(Outcome.HOLDS))
            .thenComparing(Continuations::isOutOfPlace)
            .thenComparing(Continuation::repeated)
            .thenComparing(each -> !each.endsPhrase())
            .thenComparing(each -> each.amalgamation().level(), Comparator.reverseOrder())
            .thenComparing(each -> each.amalgamation().routine().id());

    private final Course course;
    private final Optional<Integer> after;
    private final Set<String> shortlyBefore;

    /**
     * @param course a routine
     * @param after the passage they follow; empty where the routine begins with them
     */
    public Continuations(Course course, Optional<Integer> after) {
        this.course = course;
        this.after = after;
        this.shortlyBefore = shortlyBefore();
    }

    /**
     * Those of some that can be danced on, the best first: what fits, what is in its place (an opening where the
     * routine begins, an ending where it ends), what was not danced just before, what ends with a phrase, the highest
     * level. None is above the level of the routine.
     */
    public List<Continuation> of(List<Amalgamation> amalgamations) {
        return amalgamations.stream()
                .filter(each ->
                        each.level().compareTo(course.routine().conditions().highest()) <= 0)
                .flatMap(each -> best(each).stream())
                .sorted(BEST_FIRST)
                .toList();
    }

    private Optional<Continuation> best(Amalgamation amalgamation) {
        return Amalgamation.begun(amalgamation.routine().placements()).stream()
                .flatMap(placements -> danced(amalgamation, placements).stream())
                .min(BEST_FIRST);
    }

    private Optional<Continuation> danced(Amalgamation amalgamation, List<Placement> placements) {
        List<Placement> before = course.upTo(after);
        List<Placement> following = following();
        Course danced = Course.of(course.routine()
                .placing(Stream.of(before, placements, following)
                        .flatMap(List::stream)
                        .toList()));
        int first = before.size();
        int last = first + placements.size() - 1;
        boolean breaks = danced.seams().stream()
                .anyMatch(seam -> seam.after() >= first - 1
                        && seam.after() < last
                        && seam.verdict().outcome() == Outcome.BREAKS);
        return breaks
                ? Optional.empty()
                : Optional.of(new Continuation(
                        amalgamation,
                        placements,
                        outcome(danced, first - 1),
                        outcome(danced, last),
                        endsPhrase(danced, last),
                        repeated(placements)));
    }

    private List<Placement> following() {
        int next = after.map(passage -> passage + 1).orElse(0);
        return course.placements().stream()
                .skip(next)
                .limit(1)
                .map(ScoredPlacement::placement)
                .map(Placement::once)
                .toList();
    }

    private static Optional<Outcome> outcome(Course danced, int after) {
        return danced.seams().stream()
                .filter(seam -> seam.after() == after)
                .map(Seam::verdict)
                .map(verdict -> verdict.outcome())
                .findFirst();
    }

    private static boolean endsPhrase(Course danced, int last) {
        ScoredPlacement end = danced.placements().get(last);
        int bar = danced.routine().dance().rhythm().bar().ticks();
        int phrase = danced.routine().dance().music().phraseBars() * bar;
        return end.onset().plus(end.length()).ticks() % phrase == 0;
    }

    private int repeated(List<Placement> placements) {
        return (int) figures(placements.stream())
                .distinct()
                .filter(shortlyBefore::contains)
                .count();
    }

    private Set<String> shortlyBefore() {
        int ticks = STAMMER_BARS * course.routine().dance().rhythm().bar().ticks();
        List<ScoredPlacement> before =
                course.placements().subList(0, after.map(passage -> passage + 1).orElse(0));
        int end = before.isEmpty()
                ? 0
                : before.get(before.size() - 1)
                        .onset()
                        .plus(before.get(before.size() - 1).length())
                        .ticks();
        return figures(before.stream()
                        .filter(each -> each.onset().plus(each.length()).ticks() > end - ticks)
                        .map(ScoredPlacement::placement))
                .collect(Collectors.toSet());
    }

    private static Stream<String> figures(Stream<Placement> placements) {
        return placements
                .map(Placement::item)
                .filter(Dancing.class::isInstance)
                .map(item -> ((Dancing) item).figure().id());
    }

    private static boolean isOutOfPlace(Continuation each) {
        Set<AmalgamationUse> uses = each.amalgamation().uses();
        boolean begins = each.in().isEmpty();
        return begins != uses.contains(AmalgamationUse.OPENING)
                || uses.contains(AmalgamationUse.ENDING) && each.out().isPresent();
    }
}
