package fluidframe.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.SmallBook;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.space.Point;
import fluidframe.core.time.CountException;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The way of both bodies through a figure: where they stand, and where they are after each step. */
class FigurePathTest {

    static Set<String> figures() {
        return Danced.all().keySet();
    }

    @ParameterizedTest
    @MethodSource("figures")
    void thereIsAPlaceBeforeItAndAfterEachRowAndNobodyIsFarFromTheOther(String name) {
        Figure figure = Charts.read(Danced.figure(name));
        FigurePath path = FigurePath.of(figure);

        assertThat(path.man()).hasSize(figure.man().steps().size() + 1);
        assertThat(path.lady()).hasSize(figure.lady().steps().size() + 1);
        IntStream.range(0, Math.min(path.man().size(), path.lady().size()))
                .forEach(row -> assertThat(
                                path.man().get(row).distanceTo(path.lady().get(row)))
                        .as("row %s", row)
                        .isLessThan(2.5));
    }

    @Test
    void walksDownTheRoomGoAlongItAndTurnsAreNotLongerThanTheirSteps() {
        FigurePath path = FigurePath.of(SmallBook.walk("ahead", "RF", "LOD", ""));
        Point first = path.man().get(0);
        Point last = path.man().get(3);

        assertThat(last.x() - first.x()).isGreaterThan(0.3);
        assertThat(Math.abs(last.y() - first.y())).isLessThan(last.x() - first.x());
        assertThat(path.lady().get(3).x() - path.lady().get(0).x()).isCloseTo(last.x() - first.x(), within(0.3));
    }

    @Test
    void aCountThatDoesNotFitTheFigureHasNoPath() {
        assertThatThrownBy(
                        () -> FigurePath.of(Charts.read(Charts.naturalTurn().withCell(Part.MAN, 1, Column.COUNT, "Q"))))
                .isInstanceOf(CountException.class);
    }
}
