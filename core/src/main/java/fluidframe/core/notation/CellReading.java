package fluidframe.core.notation;

import fluidframe.core.phrase.Leftover;
import java.util.List;
import java.util.Optional;

/**
 * What was made of a cell.
 *
 * @param value what it says, as far as it is beyond doubt; with leftovers it is what the rest says
 * @param choices what it may have been meant to say, the likeliest first; somebody has to choose
 * @param leftovers the words that were not understood
 * @param rows the cells of several rows, if it says more than one row can
 * @param expected what was expected where something was not understood
 */
public record CellReading(
        Optional<Object> value, List<Choice> choices, List<Leftover> leftovers, List<String> rows, String expected) {

    /**
     * A cell that may have been meant.
     *
     * @param column where it stands; another column where the words belong there
     * @param text in canonical shorthand
     * @param wording in full
     */
    public record Choice(Column column, String text, String wording) {}

    public CellReading {
        choices = List.copyOf(choices);
        leftovers = List.copyOf(leftovers);
        rows = List.copyOf(rows);
    }

    static CellReading of(Object value) {
        return new CellReading(Optional.of(value), List.of(), List.of(), List.of(), "");
    }

    /** Whether it says one thing and nothing else. */
    public boolean isUnderstood() {
        return value.isPresent() && leftovers.isEmpty() && choices.isEmpty();
    }
}
