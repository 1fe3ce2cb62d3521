package fluidframe.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.space.Turn;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Which way the room lies makes no difference to a figure. */
class RotationTest {

    static Stream<FigureDraft> figures() {
        Stream<FigureDraft> clean = Danced.all().values().stream();
        Stream<FigureDraft> broken = Danced.all().values().stream()
                .flatMap(draft -> Stream.of(
                        draft.withCell(Part.MAN, 0, Column.TURN, "1/4 R"),
                                draft.withCell(Part.LADY, 1, Column.ALIGNMENT, "p C"),
                        draft.withCell(Part.LADY, 1, Column.FOOT, "LF"),
                                draft.withCell(Part.MAN, 1, Column.RELATION, "tandem")));
        return Stream.concat(clean, broken);
    }

    @ParameterizedTest
    @MethodSource("figures")
    void rotatingAFigureNeverChangesItsFindings(FigureDraft draft) {
        Figure figure = Charts.read(draft);
        List<String> findings = findings(figure);
        IntStream.of(1, 4, 7, 8, -3)
                .forEach(sixteenths -> assertThat(findings(rotated(figure, new Turn(sixteenths))))
                        .isEqualTo(findings));
    }

    private static List<String> findings(Figure figure) {
        return Audit.of(figure).stream()
                .map(finding ->
                        finding.rule() + finding.severity() + finding.place().pointer())
                .toList();
    }

    private static Figure rotated(Figure figure, Turn by) {
        return figure.withCharts(rotated(figure.man(), by), rotated(figure.lady(), by))
                .withStartAlignments(figure.startAlignments().stream()
                        .map(alignment -> alignment.turned(by))
                        .toList());
    }

    private static Chart rotated(Chart chart, Turn by) {
        return new Chart(
                chart.part(),
                chart.steps().stream().map(step -> step.turned(by)).toList());
    }
}
