package fluidframe.core.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.SmallBook;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Teaching;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Repertoire;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClassPlannerTest {

    private static final Figure NATURAL = Charts.read(Danced.figure("natural turn"))
            .with()
            .id("natural")
            .title("Natural Turn")
            .build();
    private static final Figure WHISK = Charts.read(Danced.figure("whisk"))
            .with()
            .id("whisk")
            .title("Whisk")
            .build();
    private static final Figure CHANGE = SmallBook.walk("Change", "RF", "DC", "");
    private static final Repertoire BOOK = Repertoire.of(List.of(NATURAL, WHISK, CHANGE), Conditions.OPEN);

    private static ClassPlan plan(int minutes, int men, int ladies, Figure... chain) {
        return ClassPlanner.plan(new ClassWish(List.of(chain), Level.BRONZE, minutes, men, ladies), BOOK);
    }

    private static ClassPart part(ClassPlan plan, String title) {
        return plan.parts().stream()
                .filter(part -> part.title().equals(title))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"15, 8, 8", "16, 0, 1", "29, 8, 8", "30, 8, 8", "45, 9, 8", "60, 8, 9", "73, 1, 1", "180, 30, 30"})
    void itsMinutesAddUpAndEveryPartHasSome(int minutes, int men, int ladies) {
        ClassPlan plan = plan(minutes, men, ladies, NATURAL);

        assertThat(plan.minutes()).isEqualTo(minutes);
        assertThat(plan.parts()).allSatisfy(part -> assertThat(part.minutes()).isPositive());
    }

    @Test
    void itGoesFromAloneToOtherPartners() {
        ClassPlan plan = plan(60, 9, 8, NATURAL);

        assertThat(plan.title()).isEqualTo("Natural Turn");
        assertThat(plan.parts())
                .extracting(ClassPart::title)
                .containsExactly(
                        "Warm up",
                        "Alone",
                        "In hold, without music",
                        "Counted",
                        "Slowly",
                        "To tempo",
                        "With an ending",
                        "Change partners");
        assertThat(part(plan, "Alone").what())
                .contains(
                        "The man begins with the right foot free, facing diagonally to wall.",
                        "The lady begins with the left foot free, backing diagonally to wall.");
        assertThat(part(plan, "Alone").count()).isEqualTo("1 2 3 1 2 3");
        assertThat(part(plan, "Slowly").percent()).isEqualTo(70);
        assertThat(part(plan, "Counted").percent()).isZero();
        assertThat(part(plan, "Change partners").what())
                .isEqualTo("Everyone meets everyone in 9 rounds. 1 man rests in each.");
    }

    @Test
    void anEndingHoldsAndComesToRest() {
        Figure before = SmallBook.walk("Before", "LF", "DC", "");
        ClassPlan plan = ClassPlanner.plan(
                new ClassWish(List.of(before), Level.BRONZE, 60, 1, 1),
                Repertoire.of(List.of(before, CHANGE), Conditions.OPEN));

        assertThat(part(plan, "With an ending").what()).contains("Change");
        assertThat(plan.parts()).extracting(ClassPart::title).doesNotContain("Change partners");
        assertThat(ClassPlanner.plan(
                                new ClassWish(List.of(before), Level.PRE_BRONZE, 60, 1, 1),
                                Repertoire.of(List.of(before, SmallBook.at(Level.SILVER, CHANGE)), Conditions.OPEN))
                        .parts())
                .extracting(ClassPart::title)
                .doesNotContain("With an ending");
    }

    @Test
    void aShortClassLeavesTheEndingAndOtherPartnersForAnotherDay() {
        assertThat(plan(29, 8, 8, NATURAL).parts()).hasSize(6);
    }

    @Test
    void whatAChainNeedsToBeToldIsSaid() {
        ClassPlan plan = plan(45, 4, 4, NATURAL, WHISK, NATURAL);

        assertThat(plan.title()).isEqualTo("Natural Turn, Whisk, Natural Turn");
        assertThat(plan.notes())
                .anySatisfy(note ->
                        assertThat(note).startsWith("Natural Turn into Whisk").contains("s: "));
        assertThat(part(plan, "Counted").count()).isEqualTo("1 2 3 1 2 3 | 1 2 3 | 1 2 3 1 2 3");
        ClassPlan above = ClassPlanner.plan(
                new ClassWish(List.of(SmallBook.at(Level.GOLD, NATURAL)), Level.SILVER, 45, 4, 4), BOOK);
        assertThat(above.notes()).containsExactly("The Natural Turn is gold; the class is silver.");
    }

    @Test
    void cautionsAreSaidOnceAndADeepElementAsksBeginnersFirst() {
        Figure deep = NATURAL.with()
                .teaching(new Teaching(List.of(), List.of(), List.of(), List.of(Caution.LUNGE, Caution.FLOOR_SPACE)))
                .build();

        assertThat(plan(45, 4, 4, deep, deep).cautions())
                .containsExactly(Caution.WARM_UP, Caution.LUNGE, Caution.FLOOR_SPACE);
        assertThat(plan(45, 4, 4, deep).notes())
                .anySatisfy(note -> assertThat(note).contains("do you want it?"));
        assertThat(ClassPlanner.plan(new ClassWish(List.of(deep), Level.SILVER, 45, 4, 4), BOOK)
                        .notes())
                .isEmpty();
        assertThat(plan(45, 4, 4, NATURAL).cautions()).containsExactly(Caution.WARM_UP);
    }

    @Test
    void whatCannotBeAClassIsNamed() {
        assertThatThrownBy(() -> plan(14, 1, 1, NATURAL)).hasMessage("14 minutes: expected 15 to 180");
        assertThatThrownBy(() -> plan(45, 1, 1)).hasMessage("0 figures: expected 1 to 8");
        assertThatThrownBy(() -> plan(45, -1, 1, NATURAL)).hasMessageStartingWith("-1 men");
        assertThatThrownBy(() -> plan(45, 1, 1, NATURAL, Charts.read(Danced.figure("feather step"))))
                .hasMessage("figures of several dances: expected those of one");
    }

    @ParameterizedTest(name = "{0} men, {1} ladies: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "8|8|Everyone meets everyone in 8 rounds.",
                "9|8|Everyone meets everyone in 9 rounds. 1 man rests in each.",
                "10|8|Everyone meets everyone in 10 rounds. 2 men rest in each.",
                "8|9|Everyone meets everyone in 9 rounds. 1 lady rests in each.",
                "8|11|Everyone meets everyone in 11 rounds. 3 ladies rest in each."
            })
    void whoRestsIsSaid(int men, int ladies, String sentence) {
        assertThat(part(plan(60, men, ladies, NATURAL), "Change partners").what())
                .isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource({"1, 8", "8, 1", "0, 8"})
    void withOneOfAKindNobodyChanges(int men, int ladies) {
        assertThat(plan(60, men, ladies, NATURAL).parts())
                .extracting(ClassPart::title)
                .doesNotContain("Change partners");
    }

    @Test
    void bothCountsAreSaidWhereTheyDiffer() {
        Figure shared = Charts.read(Charts.figure(
                "foxtrot",
                "1",
                Charts.rows("S|LF|fwd|f LOD", "Q|RF|sd", "Q|LF|cl"),
                Charts.rows("S|RF|bk|b LOD", "S|LF|sd")));

        assertThat(part(
                                ClassPlanner.plan(
                                        new ClassWish(List.of(shared), Level.BRONZE, 45, 4, 4),
                                        Repertoire.of(List.of(shared), Conditions.OPEN)),
                                "Counted")
                        .count())
                .isEqualTo("S Q Q (lady S S)");
    }
}
