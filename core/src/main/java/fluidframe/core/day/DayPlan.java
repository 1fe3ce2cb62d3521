package fluidframe.core.day;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A day as it is danced.
 *
 * @param rounds by start
 */
public record DayPlan(DayWish wish, List<PlannedRound> rounds) {

    /** The walls of the floor over which the couples of a heat are spread, the long ones first. */
    private static final List<String> WALLS = List.of(
            DaySentences.firstLongSide(),
            DaySentences.secondLongSide(),
            DaySentences.firstShortSide(),
            DaySentences.secondShortSide());

    public DayPlan {
        rounds = rounds.stream()
                .sorted(Comparator.comparingInt(PlannedRound::start)
                        .thenComparing(planned -> planned.round().floor()))
                .toList();
    }

    /**
     * Couples of the coach who warm up before their first round.
     *
     * @param start minutes since midnight
     */
    public record WarmUp(PlannedRound before, int start, Set<String> couples) {}

    /**
     * One dance of one heat.
     *
     * @param start minutes since midnight
     * @param end minutes since midnight
     * @param heat from 1
     */
    public record Call(PlannedRound planned, int start, int end, String dance, int heat, List<String> couples) {

        /** The wall of the floor along which a couple begins. */
        public String side(String couple) {
            return WALLS.get(couples.indexOf(couple) % WALLS.size());
        }
    }

    public Optional<PlannedRound> round(String id) {
        return rounds.stream()
                .filter(planned -> planned.round().id().equals(id))
                .findFirst();
    }

    /** When the last round is over; when the day begins if there is none. */
    public int ends() {
        return rounds.stream().mapToInt(PlannedRound::end).max().orElse(wish.begins());
    }

    /** Directly before each round that is the first of the day for couples of the coach. */
    public List<WarmUp> warmUps() {
        return rounds.stream()
                .map(planned -> new WarmUp(planned, planned.start() - wish.warmUp(), firstIn(planned)))
                .filter(warmUp -> wish.warmUp() > 0 && !warmUp.couples().isEmpty())
                .toList();
    }

    private Set<String> firstIn(PlannedRound planned) {
        return planned.round().couples().stream()
                .filter(wish.coached()::contains)
                .filter(couple -> rounds.stream()
                        .noneMatch(
                                other -> other.round().couples().contains(couple) && other.start() < planned.start()))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Every dance of every heat, by time. */
    public List<Call> calls() {
        return rounds.stream()
                .flatMap(planned -> IntStream.range(
                                0,
                                planned.round().dances().size()
                                        * planned.heats().size())
                        .mapToObj(slot -> {
                            int heat = slot % planned.heats().size();
                            int start = planned.start() + slot * planned.round().minutes();
                            return new Call(
                                    planned,
                                    start,
                                    start + planned.round().minutes(),
                                    planned.round()
                                            .dances()
                                            .get(slot / planned.heats().size()),
                                    heat + 1,
                                    planned.heats().get(heat));
                        }))
                .sorted(Comparator.comparingInt(Call::start))
                .toList();
    }
}
