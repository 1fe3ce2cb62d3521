package fluidframe.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.VerdictSentence;
import fluidframe.core.time.Tempo;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

class LooseSeamTest {

    private static final Placement RIGHT = walk("right", "RF");
    private static final Placement LEFT = walk("left", "LF");

    @Test
    void itSaysWhereAndWhy() {
        Course course = course(RIGHT, LEFT, LEFT);
        assertThat(LooseSeam.broken(course)).singleElement().satisfies(seam -> {
            assertThat(seam.after()).isEqualTo(1);
            assertThat(seam.bar()).isEqualTo(3);
            assertThat(VerdictSentence.of(seam.verdict())).contains("free");
        });
    }

    @Test
    void whatBrokeBeforeIsNotNewlyBroken() {
        Course before = course(RIGHT, LEFT, LEFT, RIGHT, LEFT);
        Course after = course(RIGHT, LEFT, LEFT, LEFT, LEFT);
        assertThat(LooseSeam.broken(before)).extracting(LooseSeam::after).containsExactly(1);
        assertThat(LooseSeam.worseThanIn(before, after))
                .extracting(LooseSeam::after)
                .containsExactly(2, 3);
        assertThat(LooseSeam.worseThanIn(after, before)).isEmpty();
    }

    private static Placement walk(String id, String foot) {
        return Placement.of(Dancing.of(SmallBook.walk(id, foot, "LOD", ""), Way.AS_CHARTED));
    }

    private static Course course(Placement... placements) {
        return Course.of(new Routine(
                "tried",
                "Tried",
                Dances.find("waltz").orElseThrow(),
                new Tempo(30),
                Conditions.OPEN,
                Arrays.asList(placements)));
    }
}
