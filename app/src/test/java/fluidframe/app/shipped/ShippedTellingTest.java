package fluidframe.app.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.talk.Description;
import fluidframe.core.talk.DescriptionReader;
import fluidframe.core.talk.Telling;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every figure of the shipped book, told aloud, makes its own charts again. */
class ShippedTellingTest {

    @Test
    void whatIsToldOfAFigureIsReadBackAsTheSameCharts() {
        for (Figure figure : ShippedLibrary.figures()) {
            String told = Telling.of(figure, List.of(Part.MAN, Part.LADY), Telling.Length.TEACHER);
            Description back = DescriptionReader.tell(
                    told, DraftWriter.write(figure).withMan(List.of()).withLady(List.of()), figure.dance());
            assertThat(back.leftovers()).as(told).isEmpty();
            Figure again = DraftReader.read(back.figure()).figure().orElseThrow();
            for (Part part : Part.values()) {
                assertThat(again.chart(part).steps())
                        .as(told)
                        .hasSameSizeAs(figure.chart(part).steps());
                for (int row = 0; row < figure.chart(part).steps().size(); row++) {
                    for (Column column : Column.values()) {
                        assertThat(column.wording(again.chart(part).steps().get(row)))
                                .as("%s, %s %s, %s", figure.id(), part, row + 1, column)
                                .isEqualTo(column.wording(
                                                figure.chart(part).steps().get(row))
                                        .replace(';', column.isNotation() ? ';' : ','));
                    }
                }
            }
        }
    }
}
