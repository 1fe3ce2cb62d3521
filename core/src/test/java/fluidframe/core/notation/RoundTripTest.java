package fluidframe.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.RandomRows;
import fluidframe.core.figure.Figure;
import fluidframe.core.step.Step;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RoundTripTest {

    static Stream<String> figures() {
        return Danced.all().keySet().stream();
    }

    @Test
    void everyRowIsReadBackFromItsShorthand() {
        RandomRows.many(3000)
                .forEach(step ->
                        assertThat(RowReader.read(DraftWriter.row(step))).isEqualTo(step));
    }

    @Test
    void caseAndSpacingDoNotMatterInTheVocabulary() {
        List<Column> spelled = List.of(
                Column.FOOT,
                Column.FOOT_POSITION,
                Column.TURN,
                Column.RISE,
                Column.FOOTWORK,
                Column.ACTION,
                Column.RELATION,
                Column.ALIGNMENT);
        RandomRows.many(1000)
                .forEach(step -> spelled.forEach(column -> {
                    RowDraft row = DraftWriter.row(step);
                    String shouted =
                            "  " + row.cell(column).toUpperCase(Locale.ROOT).replace(" ", "   ") + " ";
                    Step read = RowReader.read(row.with(column, shouted));
                    assertThat(column.shorthand(read)).as(shouted).isEqualTo(row.cell(column));
                }));
    }

    @Test
    void theFullWordingOfATermIsReadAsTheTerm() {
        for (Column column : List.of(Column.FOOT, Column.SWAY, Column.ACTION)) {
            RandomRows.many(300).forEach(step -> {
                String wording = column.wording(step);
                assertThat(column.shorthand(RowReader.read(new RowDraft(Map.of(column, wording)))))
                        .isEqualTo(column.shorthand(step));
            });
        }
    }

    @ParameterizedTest
    @MethodSource("figures")
    void aFigureIsReadBackFromItsDraft(String name) {
        Figure figure = Charts.read(Danced.figure(name));
        assertThat(Charts.read(DraftWriter.write(figure))).isEqualTo(figure);
        assertThat(DraftWriter.write(Charts.read(DraftWriter.write(figure)))).isEqualTo(DraftWriter.write(figure));
    }
}
