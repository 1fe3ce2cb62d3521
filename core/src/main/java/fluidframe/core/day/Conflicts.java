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
                .forEach(round -> conflicts.found.add(
                        new Conflict(List.of(round.id()), DaySentences.isNotInThePlan(round.title()))));
        return List.copyOf(conflicts.found);
    }

    private void alone(PlannedRound planned) {
        Round round = planned.round();
        if (planned.start() < wish.begins() + wish.warmUp()) {
            report(planned, DaySentences.beginsAtBeforeThereHasBeen(round.title(), TimeOfDay.time(planned.start())));
        }
        if (planned.end() > wish.ends()) {
            report(
                    planned,
                    DaySentences.endsAtAfterTheEndOf(
                            round.title(),
                            TimeOfDay.time(planned.end()),
                            TimeOfDay.minutes(planned.end() - wish.ends())));
        }
        round.at()
                .filter(at -> at != planned.start())
                .ifPresent(at -> report(
                        planned,
                        DaySentences.isSetForNotFor(
                                round.title(), TimeOfDay.time(at), TimeOfDay.time(planned.start()))));
        round.couples().stream()
                .filter(couple -> planned.heatOf(couple) < 0)
                .forEach(couple -> report(planned, DaySentences.areInNoHeatOf(name(couple), round.title())));
        for (int heat = 0; heat < planned.heats().size(); heat++) {
            int couples = planned.heats().get(heat).size();
            if (couples > round.capacity()) {
                report(
                        planned,
                        DaySentences.heatOfHasCouplesTheFloor((heat + 1), round.title(), couples, round.capacity()));
            }
        }
    }

    private void together(PlannedRound first, PlannedRound second) {
        int gap = second.start() - first.end();
        if (first.round().floor().equals(second.round().floor()) && gap < wish.between()) {
            report(
                    first,
                    second,
                    DaySentences.beginsBeforeIsOverAfterWanted(
                            second.round().title(),
                            gap < 0,
                            TimeOfDay.minutes(-gap),
                            first.round().title(),
                            TimeOfDay.minutes(gap),
                            wish.between()));
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
                    DaySentences.beginsAtBeforeIsOverAnd(
                            after.round().title(),
                            TimeOfDay.time(after.start()),
                            before.round().title()));
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
                                    ? DaySentences.stillDanceWhenBeginsForThem(
                                            first.round().title(),
                                            second.round().title())
                                    : DaySentences.haveBetweenAndWantedAre(
                                            TimeOfDay.minutes(rest),
                                            first.round().title(),
                                            second.round().title(),
                                            wish.rest()))
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
                    DaySentences.theCoachIsWantedAtOn(
                            first.round().title(),
                            first.round().floor(),
                            second.round().title(),
                            second.round().floor(),
                            TimeOfDay.time(Math.max(from(first, here), from(second, there)))));
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
                            DaySentences.theCoachIsWantedAtThe(
                                    warmUp.before().round().title(),
                                    planned.round().title(),
                                    TimeOfDay.time(Math.max(warmUp.start(), from(planned, there)))));
                }
            }
            for (DayPlan.WarmUp other : warmUps.subList(i + 1, warmUps.size())) {
                if (warmUp.start() < other.before().start()
                        && other.start() < warmUp.before().start()) {
                    report(
                            warmUp.before(),
                            other.before(),
                            DaySentences.theCoachIsWantedAtTwo(
                                    TimeOfDay.time(Math.max(warmUp.start(), other.start())),
                                    warmUp.before().round().title(),
                                    other.before().round().title()));
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
