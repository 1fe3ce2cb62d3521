package fluidframe.core.notation;

import fluidframe.core.notation.CellReading.Choice;
import fluidframe.core.phrase.Leftover;
import fluidframe.core.text.UnreadableTextException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * A text that could not be read, or not without a doubt.
 *
 * @param place where it stands
 * @param text what stands there; of a cell the words that were not understood
 * @param expected what was expected there
 * @param nearest the nearest things it could have been
 * @param from where in its cell the words begin
 * @param choices what the cell may have been meant to say
 * @param rows the cells of several rows, if it says more than one row can
 */
public record Unreadable(
        Place place,
        String text,
        String expected,
        List<String> nearest,
        int from,
        List<Choice> choices,
        List<String> rows) {

    public Unreadable(Place place, String text, String expected, List<String> nearest) {
        this(place, text, expected, nearest, 0, List.of(), List.of());
    }

    static Unreadable of(Place place, UnreadableTextException e) {
        return new Unreadable(place, e.text(), e.expected(), e.nearest());
    }

    /** What is wrong with a cell; of several words that were not understood the first. */
    static Unreadable of(Place place, String cell, CellReading reading) {
        Leftover first = reading.leftovers().isEmpty()
                ? new Leftover(0, cell.length(), cell, List.of())
                : reading.leftovers().get(0);
        return new Unreadable(
                place,
                first.text(),
                reading.expected(),
                first.nearest(),
                first.from(),
                reading.choices(),
                reading.rows());
    }

    /** One sentence for people. */
    public String sentence() {
        String said = text.isEmpty() ? "nothing" : "\"" + text + "\"";
        List<Choice> here = choices.stream()
                .filter(choice -> place.column()
                        .filter(column -> column == choice.column())
                        .isPresent())
                .toList();
        if (!here.isEmpty()) {
            return place.wording() + ": " + said + " may mean "
                    + here.stream().map(Choice::text).collect(Collectors.joining(" or "));
        }
        String elsewhere = choices.stream()
                .findFirst()
                .map(choice ->
                        NotationSentences.itBelongsUnder(choice.column().title().toLowerCase(Locale.ROOT)))
                .orElse("");
        String several = rows.isEmpty() ? "" : NotationSentences.itCountsRows(rows.size());
        return NotationSentences.foundExpectedPerhaps(
                place.wording(), said, expected, nearest.isEmpty(), String.join(", ", nearest), elsewhere, several);
    }
}
