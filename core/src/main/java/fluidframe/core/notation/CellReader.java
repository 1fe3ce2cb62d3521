package fluidframe.core.notation;

import fluidframe.core.dance.Dance;
import fluidframe.core.notation.CellReading.Choice;
import fluidframe.core.phrase.CountPhrasing;
import fluidframe.core.phrase.Leftover;
import fluidframe.core.phrase.Reading;
import fluidframe.core.phrase.Situation;
import fluidframe.core.text.PlainText;
import fluidframe.core.text.UnreadableTextException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Reads a cell as coaches write and say it. Canonical shorthand, which most cells are, is read at once; everything else
 * word by word. What has two readings is never taken: both are offered. What belongs in another column is offered
 * there.
 */
public final class CellReader {

    private static final Pattern NAMED = Pattern.compile("c\\.?b\\.?m|contrary", Pattern.CASE_INSENSITIVE);

    /** Longer than anybody writes into one cell. */
    private static final int MOST_LETTERS = 1_000;

    private static final int MOST_ELSEWHERE = 2;

    private CellReader() {}

    /** A cell that is not empty, in the row it stands in. */
    public static CellReading read(Column column, String written, Supplier<Situation> row) {
        if (!column.isNotation()) {
            return CellReading.of(column.readShorthand(written));
        }
        if (written.length() > MOST_LETTERS) {
            return new CellReading(
                    Optional.empty(),
                    List.of(),
                    List.of(new Leftover(0, written.length(), written, List.of())),
                    List.of(),
                    NotationSentences.atMostLetters(MOST_LETTERS));
        }
        PlainText plain = PlainText.ofLine(written);
        CellReading reading = readPlain(column, plain.text(), row);
        return new CellReading(
                reading.value(),
                reading.choices(),
                reading.leftovers().stream().map(leftover -> leftover.in(plain)).toList(),
                reading.rows(),
                reading.expected());
    }

    private static CellReading readPlain(Column column, String text, Supplier<Situation> row) {
        UnreadableTextException refused;
        try {
            return CellReading.of(column.readShorthand(text));
        } catch (UnreadableTextException e) {
            refused = e;
        }
        Situation situation = row.get();
        Reading reading = column.phrasing().read(text, situation);
        List<Choice> readings = reading.shorthands().stream()
                .flatMap(shorthand -> choice(column, shorthand).stream())
                .distinct()
                .toList();
        boolean sure = reading.sure() && readings.size() == 1;
        Optional<Object> value =
                sure ? Optional.of(column.readShorthand(reading.shorthands().get(0))) : Optional.empty();
        if (sure && reading.leftovers().isEmpty()) {
            return CellReading.of(value.get());
        }
        List<Choice> elsewhere = readings.isEmpty() || !reading.leftovers().isEmpty()
                ? elsewhere(column, text, reading.leftovers(), situation)
                : List.of();
        List<Leftover> leftovers = readings.isEmpty() && reading.leftovers().isEmpty()
                ? List.of(new Leftover(0, text.length(), text, refused.nearest()))
                : reading.leftovers().stream()
                        .map(leftover -> new Leftover(
                                leftover.from(),
                                leftover.to(),
                                leftover.text(),
                                column.phrasing().nearest(leftover.text().toLowerCase(Locale.ROOT))))
                        .toList();
        List<String> rows = column == Column.COUNT ? new CountPhrasing().rows(text) : List.of();
        return new CellReading(
                value,
                Stream.concat(sure ? Stream.empty() : readings.stream(), elsewhere.stream())
                        .toList(),
                leftovers,
                rows,
                refused.expected());
    }

    /**
     * A cell that is not empty, as if it stood in a row of a chart.
     *
     * @param rows the chart
     * @param row from 0
     */
    public static CellReading read(Column column, String text, List<RowDraft> rows, int row, Dance dance) {
        return read(column, text, () -> Situations.of(rows, row, dance.id(), List.of(dance)));
    }

    /** What a shorthand says, if the column can hold it. */
    private static Optional<Choice> choice(Column column, String shorthand) {
        try {
            var step = RowReader.step(new EnumMap<>(Map.of(column, column.readShorthand(shorthand))));
            return Optional.of(new Choice(column, column.shorthand(step), column.wording(step)));
        } catch (UnreadableTextException notInThisColumn) {
            return Optional.empty();
        }
    }

    /** The columns that understand the whole text, or else what is left of it, without a doubt. */
    private static List<Choice> elsewhere(Column column, String text, List<Leftover> leftovers, Situation situation) {
        List<Choice> found = new ArrayList<>();
        Stream.concat(Stream.of(text), leftovers.stream().map(Leftover::text).filter(words -> words.length() > 1))
                .distinct()
                .forEach(words -> Arrays.stream(Column.values())
                        .filter(other -> other != column
                                && other.isNotation()
                                && other != Column.WORDS
                                && !isAnswer(other, words))
                        .forEach(other -> understood(other, words, situation).ifPresent(found::add)));
        return found.stream()
                .filter(choice -> !choice.text().isEmpty())
                .distinct()
                .limit(MOST_ELSEWHERE)
                .toList();
    }

    /** "Slight", "yes": it says something only where it is asked for. */
    private static boolean isAnswer(Column column, String words) {
        return column == Column.CBM && !NAMED.matcher(words).find();
    }

    private static Optional<Choice> understood(Column column, String text, Situation situation) {
        try {
            return choice(column, text)
                    .or(() -> column.phrasing()
                            .read(text, situation)
                            .shorthand()
                            .flatMap(shorthand -> choice(column, shorthand)));
        } catch (UnreadableTextException e) {
            return Optional.empty();
        }
    }
}
