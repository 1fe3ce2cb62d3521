package fluidframe.core.day;

import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * A day laid out round by round: each begins as soon as its heats can be filled with couples that have rested, those
 * first who dance again soonest. Quickly found and free of conflicts, but perhaps not the shortest.
 */
final class DayDraft {

    private final DayWish wish;
    private final Optional<DayPlan> before;
    private final int now;
    private final List<Round> order;
    private final List<PlannedRound> placed = new ArrayList<>();
    private final Map<String, Integer> rested = new HashMap<>();

    /** @param order the rounds in the order in which they are laid out */
    DayDraft(DayWish wish, Optional<DayPlan> before, int now, List<Round> order) {
        this.wish = wish;
        this.before = before;
        this.now = now;
        this.order = order;
    }

    /** Empty if the day is over before all of it is danced, or it is to stop. */
    Optional<DayPlan> plan(BooleanSupplier stops) {
        for (Round round : order) {
            Optional<PlannedRound> next = before.flatMap(plan -> plan.round(round.id()))
                    .filter(planned -> planned.start() < now)
                    .or(() -> place(round, stops));
            if (next.isEmpty()) {
                return Optional.empty();
            }
            placed.add(next.get());
            next.get()
                    .placed()
                    .forEach(couple -> rested.merge(couple, next.get().lastOf(couple) + wish.rest(), Math::max));
        }
        return Optional.of(new DayPlan(wish, placed));
    }

    private Optional<PlannedRound> place(Round round, BooleanSupplier stops) {
        int from = round.at().orElse(Math.max(wish.begins() + wish.warmUp(), before.isPresent() ? now : 0));
        int to = round.at().orElse(wish.ends() - round.length());
        for (int start = from; start <= to && !stops.getAsBoolean(); start++) {
            Stopping.check();
            Optional<PlannedRound> planned = heats(round, start)
                    .filter(each -> Conflicts.of(with(each), Map.of()).stream()
                            .noneMatch(conflict -> conflict.rounds().contains(round.id())));
            if (planned.isPresent()) {
                return planned;
            }
        }
        return Optional.empty();
    }

    /** The day so far, as if nothing else were danced. */
    private DayPlan with(PlannedRound planned) {
        List<PlannedRound> all = new ArrayList<>(placed);
        all.add(planned);
        return new DayPlan(
                wish.withRounds(all.stream()
                        .map(each -> each.round()
                                        .after()
                                        .filter(id -> all.stream()
                                                .noneMatch(other ->
                                                        other.round().id().equals(id)))
                                        .isPresent()
                                ? waitingForNothing(each.round())
                                : each.round())
                        .toList()),
                all);
    }

    private static Round waitingForNothing(Round round) {
        return new Round(
                round.id(),
                round.title(),
                round.floor(),
                round.dances(),
                round.minutes(),
                round.capacity(),
                round.couples(),
                Optional.empty(),
                round.at());
    }

    private Optional<PlannedRound> heats(Round round, int start) {
        List<String> waiting = new ArrayList<>(round.couples());
        waiting.sort(Comparator.<String>comparingInt(couple -> untilNext(couple, round))
                .thenComparing(couple -> rested.getOrDefault(couple, 0))
                .thenComparing(couple -> couple));
        List<List<String>> heats = new ArrayList<>();
        for (int heat = 0; heat < round.heats(); heat++) {
            int first = start + round.untilFirst(heat);
            List<String> ready = waiting.stream()
                    .filter(couple -> rested.getOrDefault(couple, 0) <= first)
                    .limit(round.couplesIn(heat))
                    .toList();
            if (ready.size() < round.couplesIn(heat)) {
                return Optional.empty();
            }
            waiting.removeAll(ready);
            heats.add(ready.stream().sorted().toList());
        }
        return Optional.of(new PlannedRound(round, start, heats));
    }

    /** How many rounds later a couple dances again. */
    private int untilNext(String couple, Round round) {
        int at = order.indexOf(round);
        for (int later = at + 1; later < order.size(); later++) {
            if (order.get(later).couples().contains(couple)) {
                return later - at;
            }
        }
        return order.size();
    }
}
