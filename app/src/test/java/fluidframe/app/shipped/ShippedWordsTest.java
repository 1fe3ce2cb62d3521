package fluidframe.app.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftReading;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.step.Step;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever a screen shows in full words for a cell of the book is read back as the same value. */
class ShippedWordsTest {

    @ParameterizedTest
    @MethodSource("fluidframe.app.shipped.ShippedLibrary#figures")
    void everyCellIsReadBackFromItsFullWording(Figure figure) {
        FigureDraft spoken = DraftWriter.write(figure);
        for (Part part : Part.values()) {
            for (int row = 0; row < figure.chart(part).steps().size(); row++) {
                Step step = figure.chart(part).steps().get(row);
                for (Column column : Column.values()) {
                    spoken = spoken.withCell(part, row, column, column.wording(step));
                }
            }
        }

        DraftReading reading = DraftReader.read(spoken);

        assertThat(reading.unreadable()).isEmpty();
        assertThat(reading.figure().orElseThrow().man()).isEqualTo(figure.man());
        assertThat(reading.figure().orElseThrow().lady()).isEqualTo(figure.lady());
    }
}
