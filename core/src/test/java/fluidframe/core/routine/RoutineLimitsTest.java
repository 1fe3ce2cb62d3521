package fluidframe.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.dance.Dances;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import fluidframe.core.work.TooMuchException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Each limit of a routine alone and all together, with repeats counted. */
class RoutineLimitsTest {

    private static final Placement LONGEST = Placement.of(Element.of(ElementKind.WALK, Element.MOST_BEATS));
    private static final Placement BEAT = Placement.of(Element.of(ElementKind.HOLD, 1));

    @Test
    void theLongestRoutineIsStillOne() {
        assertThat(routine(Collections.nCopies(Routine.MOST_BEATS / Element.MOST_BEATS, LONGEST))
                        .length())
                .isEqualTo(Beats.of(3_072));
    }

    @Test
    void aBeatTooMuchIsRefusedWithWhatWasFound() {
        List<Placement> placements =
                new ArrayList<>(Collections.nCopies(Routine.MOST_BEATS / Element.MOST_BEATS, LONGEST));
        placements.addAll(Collections.nCopies(Routine.MOST_BEATS % Element.MOST_BEATS, BEAT));
        assertThat(routine(placements).length()).isEqualTo(Beats.of(Routine.MOST_BEATS));
        placements.add(BEAT);
        assertThatThrownBy(() -> routine(placements))
                .isInstanceOf(TooMuchException.class)
                .hasMessageContaining("3201 beats");
    }

    @Test
    void repeatsCount() {
        List<Placement> verse = new ArrayList<>(Collections.nCopies(2, LONGEST));
        verse.set(0, LONGEST.beginning(new Section("verse", 7)));
        assertThatThrownBy(() -> routine(verse))
                .isInstanceOf(TooMuchException.class)
                .hasMessageContaining("3584 beats");
        List<Placement> many = new ArrayList<>(Collections.nCopies(Routine.MOST_PLACEMENTS, BEAT));
        many.set(0, BEAT.beginning(new Section("verse", 5)));
        assertThatThrownBy(() -> routine(many))
                .isInstanceOf(TooMuchException.class)
                .hasMessageContaining("1000 placements");
    }

    @Test
    void morePlacementsThanARoutineNeedsAreRefused() {
        assertThatThrownBy(() -> routine(Collections.nCopies(Routine.MOST_PLACEMENTS + 1, BEAT)))
                .isInstanceOf(TooMuchException.class)
                .hasMessageContaining("201 placements");
    }

    private static Routine routine(List<Placement> placements) {
        return new Routine(
                "long", "Long", Dances.find("waltz").orElseThrow(), new Tempo(30), Conditions.OPEN, placements);
    }
}
