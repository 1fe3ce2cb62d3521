package fluidframe.core.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Days whose earliest end can be counted on the fingers, days made by chance against every way of dancing them, and a
 * full one.
 */
class DayPlannerTest {

    private static final int NINE = 9 * 60;

    private static Round round(String id, String floor, int dances, int capacity, String... couples) {
        return new Round(
                id,
                id,
                floor,
                Collections.nCopies(dances, "dance"),
                2,
                capacity,
                List.of(couples),
                Optional.empty(),
                Optional.empty());
    }

    private static DayWish wish(int hours, int rest, Round... rounds) {
        return new DayWish(NINE, NINE + hours * 60, rest, 0, 0, List.of(rounds), Set.of());
    }

    private static DayAnswer planned(DayWish wish) {
        DayAnswer answer = DayPlanner.plan(wish, Map.of(), () -> false);
        answer.plan().ifPresent(plan -> assertThat(Conflicts.of(plan, Map.of())).isEmpty());
        return answer;
    }

    @Test
    void roundsOnOneFloorFollowEachOther() {
        DayAnswer answer =
                planned(wish(2, 0, round("a", "hall", 2, 2, "A", "B"), round("b", "hall", 3, 2, "C", "D", "E")));
        assertThat(answer.plan().orElseThrow().ends()).isEqualTo(NINE + 4 + 12);
        assertThat(answer.exact()).isTrue();
    }

    @Test
    void aCoupleRestsBetweenItsRounds() {
        DayAnswer answer = planned(wish(2, 20, round("a", "hall", 1, 1, "A"), round("b", "hall", 1, 1, "A")));
        assertThat(answer.plan().orElseThrow().ends()).isEqualTo(NINE + 2 + 20 + 2);
    }

    /**
     * One couple a round, three couples in turn: an evening whose best order nobody can prove, and any order of which
     * is a day.
     */
    @Test
    void aLongEveningOfSingleCouplesIsPlanned() {
        Round[] rounds = IntStream.range(0, 18)
                .mapToObj(i ->
                        round("round " + i, "hall", 1, 1, List.of("A", "B", "C").get(i % 3)))
                .toArray(Round[]::new);
        DayAnswer answer = planned(wish(3, 6, rounds));
        assertThat(answer.plan().orElseThrow().ends()).isEqualTo(NINE + 8 * 15 / 3 + 2 * 3);
    }

    @Test
    void whoDancesAgainSoonGoesFirstAndThenLast() {
        DayAnswer answer =
                planned(wish(2, 6, round("a", "hall", 1, 1, "A", "B", "C"), round("b", "hall", 1, 1, "D", "E", "A")));
        DayPlan plan = answer.plan().orElseThrow();
        assertThat(plan.ends()).isEqualTo(NINE + 12);
        PlannedRound first = plan.rounds().get(0);
        PlannedRound second = plan.rounds().get(1);
        assertThat(second.firstOf("A") - first.lastOf("A")).isGreaterThanOrEqualTo(6);
    }

    @Test
    void ifAllDanceTwiceSomebodyMustWaitForTheRest() {
        String[] all = {"A", "B", "C"};
        assertThat(planned(wish(2, 5, round("a", "hall", 1, 1, all), round("b", "hall", 1, 1, all)))
                        .plan()
                        .orElseThrow()
                        .ends())
                .isEqualTo(NINE + 2 + 5 + 6);
    }

    @Test
    void aFinalComesAfterItsRoundAndAFixedTimeStays() {
        Round heats = round("first", "hall", 1, 6, "A", "B");
        Round fixed = new Round(
                "final",
                "final",
                "hall",
                List.of("Waltz"),
                2,
                6,
                List.of("A"),
                Optional.of("first"),
                Optional.of(NINE + 60));
        DayPlan plan = planned(new DayWish(NINE, NINE + 90, 10, 0, 5, List.of(fixed, heats), Set.of()))
                .plan()
                .orElseThrow();
        assertThat(plan.rounds()).extracting(planned -> planned.round().id()).containsExactly("first", "final");
        assertThat(plan.round("final").orElseThrow().start()).isEqualTo(NINE + 60);
    }

    @Test
    void theCoachIsInOnePlaceAtATime() {
        DayWish wish = wish(2, 0, round("a", "hall", 1, 1, "A", "X"), round("b", "tent", 1, 1, "B", "Y"));
        assertThat(planned(wish).plan().orElseThrow().ends()).isEqualTo(NINE + 4);
        DayPlan both = planned(wish.withCoached(Set.of("A", "B"))).plan().orElseThrow();
        assertThat(both.ends()).isEqualTo(NINE + 4);
        assertThat(both.round("a").orElseThrow().heatOf("A"))
                .isNotEqualTo(both.round("b").orElseThrow().heatOf("B"));
    }

    @Test
    void theCoachWarmsCouplesUpBeforeTheirFirstRoundOnly() {
        DayWish wish = wish(
                        3,
                        0,
                        round("a", "hall", 1, 1, "A"),
                        round("b", "hall", 1, 1, "B"),
                        round("c", "hall", 1, 1, "A"))
                .withWarmUp(15)
                .withCoached(Set.of("A", "B"));
        DayPlan plan = planned(wish).plan().orElseThrow();
        assertThat(plan.warmUps()).extracting(warmUp -> warmUp.couples().size()).containsExactly(1, 1);
        assertThat(plan.warmUps().get(0).start()).isEqualTo(NINE);
        assertThat(plan.ends()).isEqualTo(NINE + 15 + 2 + 15 + 4);
    }

    @Test
    void roundsOfOthersAreDancedWhileTheCoachWarmsUp() {
        DayWish wish = wish(
                        3,
                        0,
                        round("a", "hall", 1, 1, "A"),
                        round("b", "hall", 1, 1, "B"),
                        round("x", "hall", 2, 1, "X", "Y"))
                .withWarmUp(15)
                .withCoached(Set.of("A", "B"));
        DayPlan plan = planned(wish).plan().orElseThrow();
        assertThat(plan.ends()).isEqualTo(NINE + 15 + 2 + 15 + 2);
        assertThat(plan.round("x").orElseThrow().start()).isEqualTo(NINE + 15 + 2);
    }

    @Test
    void whereNoDayCanBeWhatWouldAllowOneIsTried() {
        DayAnswer answer = planned(new DayWish(
                NINE,
                NINE + 30,
                40,
                0,
                0,
                List.of(round("a", "hall", 1, 1, "A"), round("b", "hall", 1, 1, "A")),
                Set.of()));
        assertThat(answer.plan()).isEmpty();
        assertThat(answer.exact()).isTrue();
        assertThat(answer.relaxations())
                .extracting(DayAnswer.Relaxation::sentence)
                .containsExactly(
                        "It works if the day may go on until 09:44.",
                        "It works with 26 minutes of rest instead of 40.");
        assertThat(answer.relaxations())
                .allSatisfy(relaxation ->
                        assertThat(planned(relaxation.wish()).plan()).isPresent());
    }

    @Test
    void aCoupleThatTheCoachCouldNotLookAfterIsCalledByItsNames() {
        DayWish wish = new DayWish(
                NINE,
                NINE + 17,
                0,
                15,
                0,
                List.of(round("a", "hall", 1, 1, "A"), round("b", "tent", 1, 1, "B")),
                Set.of("A", "B"));
        assertThat(DayPlanner.plan(wish, Map.of("A", "Idris and Wren"), () -> false)
                        .relaxations())
                .extracting(DayAnswer.Relaxation::sentence)
                .contains("It works if another coach looks after Idris and Wren.");
    }

    @Test
    void whatCannotBeIsNamedWithItsNumbers() {
        DayWish wish = wish(1, 20, round("a", "hall", 1, 1, "A", "B"), round("b", "hall", 1, 1, "A"))
                .withBetween(5);
        DayPlan plan = new DayPlan(
                wish,
                List.of(
                        new PlannedRound(wish.rounds().get(0), NINE, List.of(List.of("B"), List.of("A"))),
                        new PlannedRound(wish.rounds().get(1), NINE + 6, List.of(List.of("A")))));
        assertThat(Conflicts.of(plan, Map.of("A", "Idris and Wren")))
                .extracting(Conflict::sentence)
                .containsExactly(
                        "b begins 2 minutes after a; the gap must be 5.",
                        "Idris and Wren have 2 minutes between a and b; they need 20.");
    }

    @Test
    void whatHasBegunStaysWhenTheRestIsPlannedAnew() {
        DayWish wish = wish(
                3,
                10,
                round("a", "hall", 1, 2, "A", "B", "C", "D"),
                round("b", "hall", 1, 2, "A", "B", "C", "D", "E"),
                round("c", "hall", 2, 2, "D", "E"));
        DayPlan before = planned(wish).plan().orElseThrow();
        PlannedRound begun = before.rounds().get(0);
        Round later = before.rounds().get(1).round();
        List<Round> without = wish.rounds().stream()
                .map(round -> round.id().equals(later.id())
                        ? round(
                                round.id(),
                                "hall",
                                round.dances().size(),
                                2,
                                later.couples().stream().skip(1).toArray(String[]::new))
                        : round)
                .toList();
        DayPlan after = DayPlanner.again(wish.withRounds(without), Map.of(), before, begun.start() + 1, () -> false)
                .plan()
                .orElseThrow();
        assertThat(Conflicts.of(after, Map.of())).isEmpty();
        assertThat(after.round(begun.round().id())).contains(begun);
        assertThat(after.rounds().get(1).start()).isGreaterThan(begun.start());
    }

    @Test
    void aRoundThatHasBegunGoesOnInItsHeatsThoughACoupleHasGoneAndWhatWentWrongBeforeStandsInNobodysWay() {
        DayWish wish = wish(
                3,
                30,
                round("a", "hall", 2, 1, "A", "B", "C"),
                round("b", "hall", 1, 1, "A", "B"),
                round("c", "hall", 1, 2, "C", "A"));
        DayPlan late = new DayPlan(
                wish,
                List.of(
                        new PlannedRound(wish.rounds().get(0), NINE, List.of(List.of("A"), List.of(), List.of("C"))),
                        new PlannedRound(wish.rounds().get(1), NINE + 12, List.of(List.of("A"), List.of("B"))),
                        new PlannedRound(wish.rounds().get(2), NINE + 90, List.of(List.of("A", "C")))));
        List<Round> without = List.of(
                round("a", "hall", 2, 1, "A", "C"),
                wish.rounds().get(1),
                wish.rounds().get(2));
        DayPlan after = DayPlanner.again(
                        wish.withRounds(without),
                        Map.of(),
                        new DayPlan(
                                wish.withRounds(without),
                                late.rounds().stream()
                                        .map(planned -> new PlannedRound(
                                                without.get(late.rounds().indexOf(planned)),
                                                planned.start(),
                                                planned.heats()))
                                        .toList()),
                        NINE + 13,
                        () -> false)
                .plan()
                .orElseThrow();
        assertThat(after.round("a").orElseThrow())
                .returns(NINE + 12, PlannedRound::end)
                .returns(2, planned -> planned.heatOf("C"));
        assertThat(after.round("b").orElseThrow().start()).isEqualTo(NINE + 12);
        assertThat(after.round("c").orElseThrow().start()).isEqualTo(NINE + 14 + 30);
        assertThat(Conflicts.of(after, Map.of()))
                .allMatch(conflict -> !conflict.rounds().contains("c"));
    }

    /** Every order, every start and every heat of small days, tried one after another. */
    @Test
    void noDayEndsEarlierThanTheBestOfAllThatCanBeDanced() {
        Random random = new Random(7);
        int planned = 0;
        for (int day = 0; day < 30; day++) {
            List<String> couples = List.of("A", "B", "C");
            List<Round> rounds = IntStream.range(0, 2)
                    .mapToObj(i -> {
                        List<String> entered = couples.stream()
                                .filter(couple -> random.nextInt(3) > 0)
                                .toList();
                        return round(
                                "r" + i,
                                random.nextBoolean() ? "hall" : "tent",
                                1 + random.nextInt(2),
                                1 + random.nextInt(2),
                                (entered.isEmpty() ? List.of("A") : entered).toArray(String[]::new));
                    })
                    .toList();
            Set<String> coached =
                    couples.stream().filter(couple -> random.nextBoolean()).collect(Collectors.toSet());
            DayWish wish = new DayWish(
                    0,
                    9 + random.nextInt(20),
                    random.nextInt(8),
                    random.nextInt(4),
                    random.nextInt(3),
                    rounds,
                    coached);
            DayAnswer answer = planned(wish);
            assertThat(answer.exact()).isTrue();
            assertThat(answer.plan().map(DayPlan::ends)).as("%s", wish).isEqualTo(EveryDay.earliestEnd(wish));
            planned += answer.plan().isPresent() ? 1 : 0;
        }
        assertThat(planned).isBetween(10, 29);
    }

    @Test
    void aFullDayIsPlannedToTheMinute() {
        List<String> couples = IntStream.range(1, 41)
                .mapToObj(i -> String.format("couple %02d", i))
                .toList();
        List<Round> rounds = IntStream.range(0, 5)
                .mapToObj(i -> new Round(
                        "round" + i,
                        "Round " + i,
                        "hall",
                        Collections.nCopies(3 + i % 3, "dance"),
                        2,
                        6 + i,
                        couples,
                        Optional.empty(),
                        Optional.empty()))
                .toList();
        DayWish wish = new DayWish(NINE, 20 * 60, 20, 15, 3, rounds, Set.copyOf(couples.subList(0, 4)));
        DayAnswer answer = planned(wish);
        assertThat(answer.exact()).isTrue();
        assertThat(answer.plan()).isPresent();
    }

    /** Where too many dance too much for a proof there is still a day, and it goes on when somebody goes home. */
    @Test
    void whereMostDanceMostRoundsThereIsADayThatGoesOnWithoutOneOfThem() {
        List<String> couples = IntStream.range(0, 40)
                .mapToObj(i -> String.format("couple %02d", i))
                .toList();
        List<Round> rounds = IntStream.range(0, 5)
                .mapToObj(i -> new Round(
                        "round" + i,
                        "Round " + i,
                        "hall",
                        Collections.nCopies(3 + i % 3, "dance"),
                        2,
                        6 + i,
                        IntStream.range(0, 40)
                                .filter(couple -> (couple * 7 + i * 3) % 4 > 0)
                                .mapToObj(couples::get)
                                .toList(),
                        Optional.empty(),
                        Optional.empty()))
                .toList();
        DayWish wish = new DayWish(NINE, 22 * 60, 20, 15, 3, rounds, Set.copyOf(couples.subList(0, 4)));
        DayPlan before = planned(wish).plan().orElseThrow();
        List<Round> without = rounds.stream()
                .map(round -> new Round(
                        round.id(),
                        round.title(),
                        round.floor(),
                        round.dances(),
                        round.minutes(),
                        round.capacity(),
                        round.couples().stream()
                                .filter(couple -> !couple.equals("couple 09"))
                                .toList(),
                        round.after(),
                        round.at()))
                .toList();
        DayPlan after = DayPlanner.again(
                        wish.withRounds(without),
                        Map.of(),
                        before,
                        before.rounds().get(0).start() + 1,
                        () -> false)
                .plan()
                .orElseThrow();
        assertThat(after.rounds().get(0)).isEqualTo(before.rounds().get(0));
        assertThat(Conflicts.of(after, Map.of())).isEmpty();
    }

    @Test
    void aDayThatCannotBeIsRefusedWithItsReason() {
        assertThatThrownBy(() -> wish(1, 0, round("a", "hall", 1, 1, "A", "A")))
                .hasMessageContaining("a couple dances a round once");
        assertThatThrownBy(() -> wish(1, 0, round("a", "hall", 1, 1, "A"), round("a", "hall", 1, 1, "B")))
                .hasMessageContaining("two rounds called a");
    }
}
