package fluidframe.core.replacing;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Item;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Section;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Passages of a waltz exchanged for what lasts exactly as long as is wanted; the rest stays as it is. */
class ReplacementsTest {

    private static final Figure RIGHT = SmallBook.walk("right", "RF", "LOD", "");
    private static final Figure LEFT = SmallBook.walk("left", "LF", "LOD", "");
    private static final Figure OTHER_LEFT = SmallBook.walk("other", "LF", "LOD", "");
    private static final Figure TURN = SmallBook.turning("turn");
    private static final Repertoire BOOK = Repertoire.of(List.of(RIGHT, LEFT, OTHER_LEFT, TURN), Conditions.OPEN);
    private static final Beats BAR = Beats.of(3);

    private static Placement placed(Figure figure) {
        return Placement.of(Dancing.of(figure, Way.AS_CHARTED));
    }

    private static Course course(Placement... placements) {
        return Course.of(new Routine(
                "test",
                "Test",
                Dances.find("waltz").orElseThrow(),
                new Tempo(29),
                Conditions.OPEN,
                Arrays.asList(placements)));
    }

    private static Replacements in(Course course, String... forbidden) {
        return new Replacements(course, BOOK, Set.of(forbidden), () -> false);
    }

    private static Beats length(Replacement replacement) {
        return replacement.danced().stream().map(Item::length).reduce(Beats.ZERO, Beats::plus);
    }

    @Test
    void whatComesInLastsAsLongAsIsWantedAndEverySeamCanBeDanced() {
        Course course = course(placed(RIGHT), placed(LEFT), placed(RIGHT), placed(LEFT));
        Replacements replacements = in(course);

        for (int bars : new int[] {1, 3}) {
            Beats wanted = BAR.times(bars);
            assertThat(replacements.lasting(1, 2, wanted, 3)).isNotEmpty().allSatisfy(replacement -> {
                assertThat(length(replacement)).isEqualTo(wanted);
                assertThat(Course.of(replacements
                                        .rewritten(replacement)
                                        .orElseThrow()
                                        .routine())
                                .count(Outcome.BREAKS))
                        .isZero();
            });
        }
    }

    @Test
    void whatIsForbiddenDoesNotComeIn() {
        Course course = course(placed(RIGHT), placed(LEFT), placed(RIGHT));

        assertThat(in(course, "left").lasting(1, 2, BAR, 5))
                .isNotEmpty()
                .allSatisfy(replacement -> assertThat(replacement.danced())
                        .extracting(Item::wording)
                        .doesNotContain("left"));
        assertThat(in(course, "left", "other", "turn").lasting(1, 2, BAR, 5)).isEmpty();
    }

    @Test
    void whereOneMustBeginOnlyThatIsOffered() {
        Course course = course(placed(RIGHT), placed(LEFT), placed(RIGHT), placed(LEFT));

        assertThat(in(course).meeting(0, 2, BAR.times(2), BAR, 5))
                .isNotEmpty()
                .allSatisfy(replacement ->
                        assertThat(replacement.danced().get(0).length()).isEqualTo(BAR));
        assertThat(in(course).meeting(0, 2, BAR.times(2), Beats.of(1), 5)).isEmpty();
    }

    @Test
    void theFewestPassagesComeFirst() {
        Course course = course(placed(RIGHT), placed(LEFT), placed(RIGHT), placed(LEFT));
        List<Replacement> longer = in(course).changing(BAR, List.of(0, 1, 2));
        List<Replacement> shorter = in(course).changing(Beats.ZERO.minus(BAR), List.of(0, 1, 2));

        assertThat(longer)
                .isNotEmpty()
                .isSortedAccordingTo(Replacements.SMALLEST_FIRST)
                .allSatisfy(replacement ->
                        assertThat(length(replacement)).isEqualTo(BAR.times(replacement.replaced() + 1)));
        assertThat(shorter)
                .isNotEmpty()
                .allSatisfy(replacement ->
                        assertThat(length(replacement)).isEqualTo(BAR.times(replacement.replaced() - 1)));
        assertThat(shorter)
                .filteredOn(replacement -> replacement.danced().isEmpty())
                .as("the first can be left out, one within only where its neighbours follow each other")
                .extracting(Replacement::from)
                .containsExactly(0);
    }

    @Test
    void cornersAndWhatIsDancedAgainStay() {
        Course course = course(
                placed(RIGHT).withCornerAfter(true),
                placed(LEFT),
                placed(RIGHT).beginning(new Section("A", 2)),
                placed(LEFT));

        assertThat(IntStream.range(0, in(course).passages())
                        .mapToObj(passage -> in(course).staysAsItIs(passage, passage + 1)))
                .containsExactly(true, false, true, true, true, true);
        assertThat(in(course).lengthOf(0, 3)).isEqualTo(BAR.times(3));
    }

    @Test
    void aSectionGoesOnWithWhatComesIn() {
        Course course = course(placed(RIGHT), placed(LEFT).beginning(new Section("A", 1)), placed(RIGHT), placed(LEFT));
        Replacement other = new Replacement(1, 2, List.of(Dancing.of(OTHER_LEFT, Way.AS_CHARTED)), List.of(0), 0);
        Rewritten rewritten = in(course).rewritten(other).orElseThrow();

        assertThat(rewritten.routine().placements().get(1)).satisfies(placement -> {
            assertThat(placement.item().wording()).isEqualTo("other");
            assertThat(placement.section()).contains(new Section("A", 1));
            assertThat(placement.cornerAfter()).isTrue();
        });
        assertThat(rewritten.origins()).containsExactly(0, Rewritten.NEW, 2, 3);
        assertThat(in(course).rewritten(new Replacement(0, 2, List.of(), List.of(), 0)))
                .as("a section must not lose its beginning within")
                .isEmpty();
    }

    @Test
    void itIsSaidInOneSentence() {
        Course course = course(placed(RIGHT), placed(LEFT), placed(RIGHT));
        List<Item> two = List.of(Dancing.of(OTHER_LEFT, Way.AS_CHARTED), Dancing.of(RIGHT, Way.AS_CHARTED));

        assertThat(in(course).sentence(new Replacement(1, 2, two, List.of(), 0)))
                .isEqualTo("Dance other and right instead of left");
        assertThat(in(course).sentence(new Replacement(0, 3, two.subList(0, 1), List.of(), 0)))
                .isEqualTo("Dance other instead of right, left and right");
        assertThat(in(course).sentence(Replacement.inserting(3, two.get(0)))).isEqualTo("Dance other");
        assertThat(in(course).sentence(new Replacement(0, 1, List.of(), List.of(), 0)))
                .isEqualTo("Leave out right");
    }
}
