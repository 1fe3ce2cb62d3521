package fluidframe.core.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Finds everything in a plan that cannot be: it is the definition of a day that works, by which plans are checked. */
public final class Conflicts {

    private final DayPlan plan;
    private final DayWish wish;
    private final Map<String, String> names;
    private final List<Conflict> found = new ArrayList<>();

    private Conflicts(DayPlan plan, Map<String, String> names) {
        this.plan = plan;
        this.wish = plan.wish();
        this.names = names;
    }

    /** @param names how couples are called */
    public static List<Conflict> of(DayPlan plan, Map<String, String> names) {
        Conflicts conflicts = new Conflicts(plan, names);
        plan.rounds().forEach(conflicts::alone);
        for (int i = 0; i < plan.rounds().size(); i++) {
            for (int j = i + 1; j < plan.rounds().size(); j++) {
                conflicts.together(plan.rounds().get(i), plan.rounds().get(j));
            }
        }
        conflicts.warmUps();
        plan.wish().rounds().stream()
                .filter(round -> plan.round(round.id()).isEmpty())
                .forEach(round ->
                        conflicts.found.add(new Conflict(List.of(round.id()), round.title() + " is not in the plan.")));
        return List.copyOf(conflicts.found);
    }

    private void alone(PlannedRound planned) {
        Round round = planned.round();
        if (planned.start() < wish.begins() + wish.warmUp()) {
            report(
                    planned,
                    round.title() + " begins at " + Clock.time(planned.start())
                            + ", before there has been time to warm up.");
        }
        if (planned.end() > wish.ends()) {
            report(
                    planned,
                    round.title() + " ends at " + Clock.time(planned.end()) + ", "
                            + Clock.minutes(planned.end() - wish.ends()) + " after the end of the day.");
        }
        round.at()
                .filter(at -> at != planned.start())
                .ifPresent(at -> report(
                        planned,
                        round.title() + " is set for " + Clock.time(at) + ", not for " + Clock.time(planned.start())
                                + "."));
        round.couples().stream()
                .filter(couple -> planned.heatOf(couple) < 0)
                .forEach(couple -> report(planned, name(couple) + " are in no heat of " + round.title() + "."));
        for (int heat = 0; heat < planned.heats().size(); heat++) {
            int couples = planned.heats().get(heat).size();
            if (couples > round.capacity()) {
                report(
                        planned,
                        "Heat " + (heat + 1) + " of " + round.title() + " has " + couples + " couples; the floor takes "
                                + round.capacity() + ".");
            }
        }
    }

    private void together(PlannedRound first, PlannedRound second) {
        int gap = second.start() - first.end();
        if (first.round().floor().equals(second.round().floor()) && gap < wish.between()) {
            report(
                    first,
                    second,
                    second.round().title() + " begins "
                            + (gap < 0
                                    ? Clock.minutes(-gap) + " before "
                                            + first.round().title() + " is over"
                                    : Clock.minutes(gap) + " after "
                                            + first.round().title() + ", wanted are " + wish.between())
                            + ".");
        }
        after(first, second);
        after(second, first);
        for (String couple : first.placed()) {
            if (second.placed().contains(couple)) {
                rest(couple, first, second);
            }
        }
        if (!first.round().floor().equals(second.round().floor())) {
            coach(first, second);
        }
    }

    private void after(PlannedRound before, PlannedRound after) {
        if (after.round().after().filter(before.round().id()::equals).isPresent()
                && after.start() < before.end() + wish.between()) {
            report(
                    before,
                    after,
                    after.round().title() + " begins at " + Clock.time(after.start()) + ", before "
                            + before.round().title() + " is over and judged.");
        }
    }

    private void rest(String couple, PlannedRound one, PlannedRound other) {
        PlannedRound first = one.firstOf(couple) <= other.firstOf(couple) ? one : other;
        PlannedRound second = first == one ? other : one;
        int rest = second.firstOf(couple) - first.lastOf(couple);
        if (rest < wish.rest()) {
            report(
                    first,
                    second,
                    name(couple)
                            + (rest < 0
                                    ? " still dance " + first.round().title() + " when "
                                            + second.round().title() + " begins for them"
                                    : " have " + Clock.minutes(rest) + " between "
                                            + first.round().title() + " and "
                                            + second.round().title() + ", wanted are " + wish.rest())
                            + ".");
        }
    }

    private void coach(PlannedRound first, PlannedRound second) {
        List<String> here = coachedIn(first);
        List<String> there = coachedIn(second);
        if (!here.isEmpty()
                && !there.isEmpty()
                && from(first, here) < until(second, there)
                && from(second, there) < until(first, here)) {
            report(
                    first,
                    second,
                    "The coach is wanted at " + first.round().title() + " on "
                            + first.round().floor() + " and at "
                            + second.round().title() + " on " + second.round().floor() + " at the same time, from "
                            + Clock.time(Math.max(from(first, here), from(second, there))) + ".");
        }
    }

    private void warmUps() {
        List<DayPlan.WarmUp> warmUps = plan.warmUps();
        for (int i = 0; i < warmUps.size(); i++) {
            DayPlan.WarmUp warmUp = warmUps.get(i);
            for (PlannedRound planned : plan.rounds()) {
                List<String> there = coachedIn(planned);
                if (planned != warmUp.before()
                        && !there.isEmpty()
                        && warmUp.start() < until(planned, there)
                        && from(planned, there) < warmUp.before().start()) {
                    report(
                            warmUp.before(),
                            planned,
                            "The coach is wanted at the warm-up for "
                                    + warmUp.before().round().title() + " and at "
                                    + planned.round().title() + " at the same time, from "
                                    + Clock.time(Math.max(warmUp.start(), from(planned, there))) + ".");
                }
            }
            for (DayPlan.WarmUp other : warmUps.subList(i + 1, warmUps.size())) {
                if (warmUp.start() < other.before().start()
                        && other.start() < warmUp.before().start()) {
                    report(
                            warmUp.before(),
                            other.before(),
                            "The coach is wanted at two warm-ups at the same time, from "
                                    + Clock.time(Math.max(warmUp.start(), other.start())) + ": for "
                                    + warmUp.before().round().title() + " and for "
                                    + other.before().round().title() + ".");
                }
            }
        }
    }

    private List<String> coachedIn(PlannedRound planned) {
        return planned.placed().stream().filter(wish.coached()::contains).toList();
    }

    private static int from(PlannedRound planned, List<String> couples) {
        return couples.stream().mapToInt(planned::firstOf).min().orElseThrow();
    }

    private static int until(PlannedRound planned, List<String> couples) {
        return couples.stream().mapToInt(planned::lastOf).max().orElseThrow();
    }

    private String name(String couple) {
        return names.getOrDefault(couple, couple);
    }

    private void report(PlannedRound planned, String sentence) {
        found.add(new Conflict(List.of(planned.round().id()), sentence));
    }

    private void report(PlannedRound first, PlannedRound second, String sentence) {
        found.add(new Conflict(List.of(first.round().id(), second.round().id()), sentence));
    }
}
