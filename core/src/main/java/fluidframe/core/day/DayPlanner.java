package fluidframe.core.day;

import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Plans a day so that it ends as early as can be, and says what stands in the way where it cannot be planned at all.
 */
public final class DayPlanner {

    private static final int MOST_RELAXATIONS = 8;

    private final Map<String, String> names;
    private final Optional<DayPlan> before;
    private final int now;
    private final BooleanSupplier stops;

    private DayPlanner(Map<String, String> names, Optional<DayPlan> before, int now, BooleanSupplier stops) {
        this.names = names;
        this.before = before;
        this.now = now;
        this.stops = stops;
    }

    /**
     * @param names how couples are called
     * @param stops says when to be content with the best so far
     */
    public static DayAnswer plan(DayWish wish, Map<String, String> names, BooleanSupplier stops) {
        return new DayPlanner(names, Optional.empty(), 0, stops).answer(wish);
    }

    /**
     * Plans the rest of a day anew. What has begun stays as it is; couples stay in their heats where they can.
     *
     * @param names how couples are called
     * @param before the plan until now
     * @param now minutes since midnight
     */
    public static DayAnswer again(
            DayWish wish, Map<String, String> names, DayPlan before, int now, BooleanSupplier stops) {
        return new DayPlanner(names, Optional.of(before), now, stops).answer(wish);
    }

    private DayAnswer answer(DayWish wish) {
        DayModel.Solved solved = solve(wish);
        return new DayAnswer(solved.plan(), solved.exact(), solved.plan().isEmpty() ? relaxations(wish) : List.of());
    }

    private DayModel.Solved solve(DayWish wish) {
        Stopping.check();
        return DayModel.of(wish, before, now).solve(stops);
    }

    private boolean works(DayWish wish) {
        return solve(wish).plan().isPresent();
    }

    private List<DayAnswer.Relaxation> relaxations(DayWish wish) {
        List<DayAnswer.Relaxation> found = new ArrayList<>();
        solve(wish.withEnds(DayWish.MINUTES_OF_A_DAY))
                .plan()
                .ifPresent(plan -> found.add(new DayAnswer.Relaxation(
                        DaySentences.itWorksIfTheDayMay(TimeOfDay.time(plan.ends())), wish.withEnds(plan.ends()))));
        most(wish.rest() - 1, wish::withRest)
                .ifPresent(rest -> found.add(new DayAnswer.Relaxation(
                        DaySentences.itWorksWithOfRestInstead(TimeOfDay.minutes(rest), wish.rest()),
                        wish.withRest(rest))));
        most(wish.warmUp() - 1, wish::withWarmUp)
                .ifPresent(warmUp -> found.add(new DayAnswer.Relaxation(
                        DaySentences.itWorksWithOfWarmUp(TimeOfDay.minutes(warmUp), wish.warmUp()),
                        wish.withWarmUp(warmUp))));
        most(wish.between() - 1, wish::withBetween)
                .ifPresent(between -> found.add(new DayAnswer.Relaxation(
                        DaySentences.itWorksWithBetweenRoundsInstead(TimeOfDay.minutes(between), wish.between()),
                        wish.withBetween(between))));
        for (String couple : wish.coached().stream().sorted().toList()) {
            DayWish without = wish.withCoached(others(wish, couple));
            if (found.size() < MOST_RELAXATIONS && works(without)) {
                found.add(new DayAnswer.Relaxation(
                        DaySentences.itWorksIfSomebodyElseLooks(names.getOrDefault(couple, couple)), without));
            }
        }
        for (Round round : wish.rounds()) {
            if (found.size() < MOST_RELAXATIONS && round.at().isPresent()) {
                DayWish free = wish.withRounds(wish.rounds().stream()
                        .map(each -> each == round ? unset(round) : each)
                        .toList());
                solve(free)
                        .plan()
                        .flatMap(plan -> plan.round(round.id()))
                        .ifPresent(planned -> found.add(new DayAnswer.Relaxation(
                                DaySentences.itWorksIfMayBeginAt(round.title(), TimeOfDay.time(planned.start())),
                                free)));
            }
        }
        return found;
    }

    private static Round unset(Round round) {
        return new Round(
                round.id(),
                round.title(),
                round.floor(),
                round.dances(),
                round.minutes(),
                round.capacity(),
                round.couples(),
                round.after(),
                Optional.empty());
    }

    private static Set<String> others(DayWish wish, String couple) {
        return wish.coached().stream().filter(other -> !other.equals(couple)).collect(Collectors.toSet());
    }

    /** The most of something that works, from nothing to a number; what works with more works with less. */
    private Optional<Integer> most(int highest, Function<Integer, DayWish> wishing) {
        if (highest < 0 || !works(wishing.apply(0))) {
            return Optional.empty();
        }
        int works = 0;
        int fails = highest + 1;
        while (fails - works > 1) {
            int middle = (works + fails) / 2;
            if (works(wishing.apply(middle))) {
                works = middle;
            } else {
                fails = middle;
            }
        }
        return Optional.of(works);
    }
}
