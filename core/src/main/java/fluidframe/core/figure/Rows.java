package fluidframe.core.figure;

/**
 * A run of rows of a chart.
 *
 * @param first first row, from 0
 * @param last last row, not before the first
 */
public record Rows(int first, int last) {

    public Rows {
        if (first < 0 || last < first) {
            throw new IllegalArgumentException(FigureSentences.rowsTo(first, last));
        }
    }

    public int count() {
        return last - first + 1;
    }
}
