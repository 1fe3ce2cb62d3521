package fluidframe.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.PieceReader;
import fluidframe.core.step.Action;
import fluidframe.core.time.Tempo;
import java.util.List;
import org.junit.jupiter.api.Test;

class RoutinePartTest {

    private static final Figure RIGHT = SmallBook.walk("right", "RF", "LOD", "");
    private static final Figure LEFT = SmallBook.walk("left", "LF", "LOD", "");

    private static Placement placed(Figure figure) {
        return Placement.of(Dancing.of(figure, Way.AS_CHARTED));
    }

    private static Routine routine(Placement... placements) {
        return new Routine(
                "test",
                "Test",
                Dances.find("waltz").orElseThrow(),
                new Tempo(30),
                Conditions.OPEN,
                List.of(placements));
    }

    @Test
    void aSectionIsAPartEachTimeItIsDancedAndWhatComesBeforeTheFirstIsNone() {
        Routine routine = routine(
                Placement.of(Element.of(ElementKind.BOW, 3)),
                placed(RIGHT).beginning(new Section("Verse", 2)),
                placed(LEFT),
                placed(RIGHT).beginning(new Section("Chorus", 1)));
        assertThat(RoutinePart.of(Course.of(routine)))
                .containsExactly(
                        new RoutinePart("Verse, time 1", false, 1, 2),
                        new RoutinePart("Verse, time 2", false, 3, 4),
                        new RoutinePart("Chorus", false, 5, 5));
    }

    @Test
    void whatBeginsInASectionOfThePieceIsAPart() {
        Routine routine = routine(placed(RIGHT), placed(LEFT), placed(RIGHT), placed(LEFT))
                .to(new Laying(
                        PieceReader.read("intro 1, verse 3, chorus 4; 30 bars a minute", 3, 8)
                                .piece()
                                .orElseThrow(),
                        2));
        assertThat(RoutinePart.of(Course.of(routine)))
                .containsExactly(
                        new RoutinePart("verse, bar 1", true, 0, 2), new RoutinePart("chorus, bar 4", true, 3, 3));
    }

    @Test
    void aDipIsHeldOnBothFeetAndWarnedOf() {
        Score score = Score.of(routine(placed(RIGHT), Placement.of(Element.of(ElementKind.DIP, 3))));
        assertThat(score.steps())
                .filteredOn(step -> step.placement() == 1 && step.step().does(Action.DIP))
                .hasSize(2);
        assertThat(ElementKind.DIP.caution()).isPresent();
        assertThat(ElementKind.POSE.caution()).isEmpty();
    }
}
