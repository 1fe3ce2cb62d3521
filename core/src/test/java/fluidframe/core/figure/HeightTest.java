package fluidframe.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.couple.Part;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * How high a dancer is before, on and after each step; a number of the chart's phases that stands at its end is done
 * once the step is.
 */
class HeightTest {

    private static Chart rising(String rises) {
        String[] cells = rises.split(" / ", -1);
        String[] rows = IntStream.range(0, cells.length)
                .mapToObj(row -> (row % 3 + 1) + "|" + (row % 2 == 0 ? "RF" : "LF") + "|fwd|" + cells[row].strip())
                .toArray(String[]::new);
        return Charts.read(Charts.figure(
                        "waltz",
                        String.valueOf(Math.max(1, cells.length / 3)),
                        Charts.chart("count|foot|footPosition|rise", rows),
                        Charts.rows("1|LF|bk|b LOD")))
                .man();
    }

    private static String initials(List<Height> heights) {
        return heights.stream().map(height -> height.name().substring(0, 1)).collect(Collectors.joining());
    }

    /** L lowered, R rising, U up: before, on and after each step. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "cr e1 / cont 2 / cont 3, lo e3|LRR|LRR|RRL",
                "cr / up / lo|LRU|RUL|RUL",
                "cr e1 / up / rem up, lo e3|LRU|LUU|RUL",
                "NFR / up / up|LLU|LUU|LUU",
                "BR / - / lo|LRR|RRL|RRL",
                "up / BR / NFR|LUU|UUU|UUU",
                "- / - / -|LLL|LLL|LLL",
                "cr e1, NFR / cont, up / lo e3|LRU|LUU|RUL",
                "up e1 / lo e2 / cr e3|LUL|LUL|ULR"
            })
    void aDancerIsAsHighAsTheChartHasTakenHer(String rises, String before, String reached, String after) {
        Chart chart = rising(rises);

        assertThat(Arrays.asList(
                        initials(Height.before(chart)), initials(Height.reached(chart)), initials(Height.after(chart))))
                .containsExactly(before, reached, after);
        assertThat(Height.end(chart).name()).startsWith(after.substring(2));
    }

    @Test
    void withoutAStepNobodyHasRisen() {
        assertThat(Height.end(new Chart(Part.MAN, List.of()))).isEqualTo(Height.LOWERED);
    }
}
