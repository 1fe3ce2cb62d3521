package fluidframe.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.RowDraft;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ChartCsvTest {

    @ParameterizedTest
    @ValueSource(strings = {"-", "=1+1", "@sum", "+3", "-2", "'-", "''=x", "'tis said", "plain", "a, \"b\""})
    void whatASpreadsheetWouldReckonLeavesAsTextAndComesBackTheSame(String cell) {
        String csv = ChartCsv.write(Map.of(Part.MAN, List.of(row(cell)), Part.LADY, List.of(row("LF"))));
        assertThat(csv).doesNotContainPattern("(?m)(^|,)\"?[=@+\\-]");
        assertThat(ChartCsv.read(csv).get(Part.MAN).get(0).cell(Column.SWAY)).isEqualTo(cell);
    }

    private static RowDraft row(String sway) {
        return new RowDraft(Map.of(Column.SWAY, sway)).filled();
    }
}
