package fluidframe.core.mending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Item;
import fluidframe.core.link.Link;
import fluidframe.core.link.Repair;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What a repair does to all that follows: how much later it begins, in which bar, with a phrase or not, and how far
 * along.
 */
class RepairEffectTest {

    private static final Figure RIGHT = SmallBook.walk("right", "RF", "LOD", "");
    private static final Figure LEFT = SmallBook.walk("left", "LF", "LOD", "");
    private static final Figure TURN = SmallBook.turning("turn");

    /** Bars of walks, the last two of which are what is mended between. */
    private static RepairEffect effect(int bars, Way before, Figure last, Item... between) {
        List<Placement> placements =
                new ArrayList<>(Collections.nCopies(bars, Placement.of(Dancing.of(LEFT, Way.AS_CHARTED))));
        placements.set(bars - 2, Placement.of(Dancing.of(last, Way.AS_CHARTED)));
        Course course = Course.of(new Routine(
                "test", "Test", Dances.find("waltz").orElseThrow(), new Tempo(29), Conditions.OPEN, placements));
        Repair repair = new Repair(
                Repair.Kind.SHORT,
                "",
                before,
                Way.AS_CHARTED,
                Optional.empty(),
                false,
                List.of(between),
                Link.between(
                        course.exit(bars - 2),
                        course.placements().get(bars - 1).dancing().entry(),
                        last,
                        LEFT,
                        Conditions.OPEN));
        return RepairEffect.of(course, bars - 2, repair);
    }

    @Test
    void whatComesInMakesTheRestLater() {
        RepairEffect effect = effect(3, Way.AS_CHARTED, LEFT, Dancing.of(RIGHT, Way.AS_CHARTED));

        assertThat(effect.longer()).isEqualTo(Beats.of(3));
        assertThat(effect.bar()).isEqualTo(4);
        assertThat(effect.withPhrase()).isFalse();
        assertThat(effect.metres()).isGreaterThan(0.2);
        assertThat(effect.sentence()).matches("1 bar longer; the left then begins in bar 4; \\d\\.\\d m further on");
    }

    @Test
    void whereTheNextThenBeginsAPhraseItIsSaid() {
        assertThat(effect(8, Way.AS_CHARTED, LEFT, Dancing.of(RIGHT, Way.AS_CHARTED))
                        .sentence())
                .contains("then begins in bar 9, with the phrase");
        assertThat(effect(9, Way.AS_CHARTED, LEFT, Dancing.of(RIGHT, Way.AS_CHARTED))
                        .withPhrase())
                .isFalse();
    }

    @Test
    void aPartInPlaceOfTheWholeMakesItShorterAndAUnitDancedAgainLonger() {
        assertThat(effect(3, Way.AS_CHARTED.withSplit("1–3"), TURN).sentence())
                .isEqualTo("1 bar shorter; the left then begins in bar 3");
        assertThat(effect(3, Way.AS_CHARTED.withRepeats(2), TURN).longer()).isEqualTo(Beats.of(6));
        assertThat(effect(3, Way.AS_CHARTED.withFinish("to LOD"), TURN).sentence())
                .isEqualTo("no longer; the left then begins in bar 4");
    }

    @ParameterizedTest(name = "{0} beats: {1}")
    @CsvSource({"1, 1 beat longer", "2, 2 beats longer", "3, 1 bar longer", "6, 2 bars longer", "4, 4 beats longer"})
    void howMuchLaterIsSaidInBarsWhereItComesOutInBars(int beats, String words) {
        RepairEffect effect = effect(3, Way.AS_CHARTED, LEFT, Element.of(ElementKind.HOLD, beats));

        assertThat(effect.sentence()).startsWith(words + "; the left then begins in bar ");
        assertThat(effect.metres()).as("who holds goes nowhere").isEqualTo(0, within(1e-9));
    }
}
