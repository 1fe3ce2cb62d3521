package fluidframe.core.partners;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.couple.Part;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PartnerChangesTest {

    private static List<Dancer> dancers(int men, int ladies, int either) {
        return Stream.of(
                        people("m", men, Optional.of(Part.MAN)),
                        people("l", ladies, Optional.of(Part.LADY)),
                        people("e", either, Optional.empty()))
                .flatMap(people -> people)
                .toList();
    }

    private static Stream<Dancer> people(String letter, int count, Optional<Part> part) {
        return IntStream.rangeClosed(1, count).mapToObj(number -> new Dancer(letter + number, part));
    }

    private static PartnerWish wish(List<Dancer> dancers) {
        return new PartnerWish(dancers, List.of(), List.of(), List.of());
    }

    private static List<Pair> pairs(PartnerPlan plan) {
        return plan.rounds().stream().flatMap(round -> round.pairs().stream()).toList();
    }

    /** Nobody is in two places, and nobody is forgotten. */
    private static void assertEveryRoundHasEverybodyOnce(PartnerPlan plan, List<Dancer> dancers) {
        assertThat(plan.rounds())
                .allSatisfy(round -> assertThat(Stream.concat(
                                round.resting().stream(),
                                round.pairs().stream().flatMap(pair -> Stream.of(pair.man(), pair.lady()))))
                        .containsExactlyInAnyOrderElementsOf(
                                dancers.stream().map(Dancer::name).toList()));
    }

    @ParameterizedTest(name = "{0} men, {1} ladies, {2} either: {3} rounds")
    @CsvSource({
        "1, 1, 0, 1",
        "4, 4, 0, 4",
        "3, 7, 0, 7",
        "7, 3, 0, 7",
        "8, 9, 0, 9",
        "30, 30, 0, 30",
        "0, 5, 0, 0",
        "2, 5, 3, 5",
        "0, 0, 7, 4"
    })
    void everyoneMeetsEveryoneInTheFewestRounds(int men, int ladies, int either, int rounds) {
        List<Dancer> dancers = dancers(men, ladies, either);
        PartnerPlan plan = PartnerChanges.of(wish(dancers));

        assertThat(plan.rounds()).hasSize(rounds);
        assertThat(plan.fewest()).isEqualTo(rounds);
        assertThat(pairs(plan)).doesNotHaveDuplicates();
        assertEveryRoundHasEverybodyOnce(plan, dancers);
        int asMen =
                men + (int) plan.parts().values().stream().filter("man"::equals).count();
        assertThat(pairs(plan)).hasSize(asMen * (men + ladies + either - asMen));
    }

    /** Any who may not or have already: still the fewest rounds there can be, and just the pairs that are left. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void whoeverIsLeftToMeetTakesTheFewestRounds(int seed) {
        Random random = new Random(seed);
        List<Dancer> dancers = dancers(2 + random.nextInt(12), 2 + random.nextInt(12), 0);
        List<Pair> all = dancers.stream()
                .filter(dancer -> dancer.part().equals(Optional.of(Part.MAN)))
                .flatMap(man -> dancers.stream()
                        .filter(dancer -> dancer.part().equals(Optional.of(Part.LADY)))
                        .map(lady -> new Pair(man.name(), lady.name())))
                .toList();
        List<Pair> apart = all.stream().filter(pair -> random.nextInt(5) == 0).toList();
        List<Pair> danced = all.stream().filter(pair -> random.nextInt(3) == 0).toList();
        PartnerPlan plan = PartnerChanges.of(new PartnerWish(dancers, List.of(), apart, danced));

        Set<Pair> left = new HashSet<>(all);
        left.removeAll(apart);
        left.removeAll(danced);
        int busiest = dancers.stream()
                .mapToInt(dancer -> (int) left.stream()
                        .filter(pair ->
                                pair.man().equals(dancer.name()) || pair.lady().equals(dancer.name()))
                        .count())
                .max()
                .orElse(0);
        assertThat(pairs(plan)).containsExactlyInAnyOrderElementsOf(left);
        assertThat(plan.rounds()).hasSize(busiest);
        assertEveryRoundHasEverybodyOnce(plan, dancers);
    }

    @Test
    void aPairThatStaysTogetherDancesInEveryRoundAndWithNobodyElse() {
        List<Dancer> dancers = dancers(4, 4, 0);
        PartnerPlan plan =
                PartnerChanges.of(new PartnerWish(dancers, List.of(new Pair("m2", "l3")), List.of(), List.of()));

        assertThat(plan.rounds())
                .hasSize(3)
                .allSatisfy(round -> assertThat(round.pairs()).contains(new Pair("m2", "l3")));
        assertThat(pairs(plan))
                .filteredOn(pair -> pair.man().equals("m2") || pair.lady().equals("l3"))
                .containsOnly(new Pair("m2", "l3"));
    }

    @ParameterizedTest
    @CsvSource({"5, 3", "7, 4", "9, 8", "11, 6"})
    void nobodyRestsMoreThanOthersOfTheirPart(int men, int ladies) {
        PartnerPlan plan = PartnerChanges.of(wish(dancers(men, ladies, 0)));
        List<Long> rests = IntStream.rangeClosed(1, men)
                .mapToObj(man -> plan.rounds().stream()
                        .filter(round -> round.resting().contains("m" + man))
                        .count())
                .toList();

        assertThat(rests).allMatch(each -> each == men - ladies);
    }

    @Test
    void inTheMiddleOfAClassWhoeverComesOrGoesTheRestIsPlannedAnew() {
        List<Dancer> dancers = new ArrayList<>(dancers(6, 6, 0));
        List<PartnerRound> begun = PartnerChanges.of(wish(dancers)).rounds().subList(0, 2);
        List<Pair> danced =
                begun.stream().flatMap(round -> round.pairs().stream()).toList();
        dancers.removeIf(dancer -> dancer.name().equals("l1"));
        dancers.add(new Dancer("late", Optional.of(Part.LADY)));
        PartnerPlan left = PartnerChanges.of(new PartnerWish(dancers, List.of(), List.of(), danced));

        assertThat(left.rounds()).as("whoever came late has six to meet").hasSize(6);
        assertThat(pairs(left))
                .doesNotContainAnyElementsOf(danced)
                .filteredOn(pair -> pair.lady().equals("late"))
                .hasSize(6);
    }

    @Test
    void whatCannotBeIsNamed() {
        assertThatThrownBy(
                        () -> wish(List.of(new Dancer("Ann", Optional.empty()), new Dancer("Ann", Optional.empty()))))
                .hasMessage("Ann is there twice");
        assertThatThrownBy(() -> wish(dancers(101, 100, 0))).hasMessage("201 dancers: expected at most 200");
        assertThatThrownBy(() -> new PartnerWish(dancers(1, 1, 0), List.of(new Pair("m1", "x")), List.of(), List.of()))
                .hasMessage("x should stay with somebody but is not in the list");
        assertThatThrownBy(() -> new PartnerWish(
                        dancers(1, 2, 0), List.of(new Pair("m1", "l1"), new Pair("m1", "l2")), List.of(), List.of()))
                .hasMessage("m1 should stay with two people");
        assertThatThrownBy(() -> new PartnerWish(
                        dancers(1, 1, 0), List.of(new Pair("m1", "l1")), List.of(new Pair("m1", "l1")), List.of()))
                .hasMessage("m1 and l1 should stay both together and apart");
        assertThatThrownBy(() -> new Dancer(" ", Optional.empty())).hasMessage("a person without a name");
    }
}
