package fluidframe.core.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Tries every start and every heat of a day of two rounds; a day works if no conflict is found in it. */
final class EveryDay {

    private EveryDay() {}

    static Optional<Integer> earliestEnd(DayWish wish) {
        Optional<Integer> best = Optional.empty();
        for (PlannedRound first : every(wish.rounds().get(0), wish)) {
            for (PlannedRound second : every(wish.rounds().get(1), wish)) {
                int ends = Math.max(first.end(), second.end());
                if (best.filter(found -> found <= ends).isEmpty()
                        && Conflicts.of(new DayPlan(wish, List.of(first, second)), Map.of())
                                .isEmpty()) {
                    best = Optional.of(ends);
                }
            }
        }
        return best;
    }

    private static List<PlannedRound> every(Round round, DayWish wish) {
        List<PlannedRound> every = new ArrayList<>();
        for (List<List<String>> heats : heats(round)) {
            for (int start = wish.begins(); start + round.length() <= wish.ends(); start++) {
                every.add(new PlannedRound(round, start, heats));
            }
        }
        return every;
    }

    private static List<List<List<String>>> heats(Round round) {
        List<List<List<String>>> found = new ArrayList<>();
        int ways = (int) Math.pow(round.heats(), round.couples().size());
        for (int way = 0; way < ways; way++) {
            List<List<String>> heats = new ArrayList<>();
            for (int heat = 0; heat < round.heats(); heat++) {
                heats.add(new ArrayList<>());
            }
            int left = way;
            for (String couple : round.couples()) {
                heats.get(left % round.heats()).add(couple);
                left /= round.heats();
            }
            boolean even = true;
            for (int heat = 0; heat < round.heats(); heat++) {
                even &= heats.get(heat).size() == round.couplesIn(heat);
            }
            if (even) {
                found.add(heats);
            }
        }
        return found;
    }
}
