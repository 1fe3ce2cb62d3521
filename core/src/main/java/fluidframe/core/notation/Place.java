package fluidframe.core.notation;

import fluidframe.core.couple.Part;
import java.util.Locale;
import java.util.Optional;

/**
 * A place in a figure, for findings and for texts that cannot be read.
 *
 * @param field the field of the figure when it is no chart cell, else the part's name
 * @param part whose chart
 * @param step which row, from 0
 * @param column which cell
 */
public record Place(String field, Optional<Part> part, Optional<Integer> step, Optional<Column> column) {

    public static Place field(String field) {
        return new Place(field, Optional.empty(), Optional.empty(), Optional.empty());
    }

    public static Place cell(Part part, int step, Column column) {
        return new Place(part.key(), Optional.of(part), Optional.of(step), Optional.of(column));
    }

    public static Place chart(Part part) {
        return new Place(part.key(), Optional.of(part), Optional.empty(), Optional.empty());
    }

    /** A JSON pointer into the figure in the open format: {@code /man/4/turn}. */
    public String pointer() {
        return "/" + field + step.map(i -> "/" + i).orElse("")
                + column.map(c -> "/" + c.key()).orElse("");
    }

    /** For people: "man, step 5, turn". */
    public String wording() {
        return part.map(Part::wording).orElseGet(() -> PlaceWords.of("/" + field))
                + step.map(i -> ", step " + (i + 1)).orElse("")
                + column.map(c -> ", " + c.title().toLowerCase(Locale.ROOT)).orElse("");
    }
}
