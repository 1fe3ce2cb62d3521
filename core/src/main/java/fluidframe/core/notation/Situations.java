package fluidframe.core.notation;

import fluidframe.core.dance.Dance;
import fluidframe.core.phrase.Situation;
import fluidframe.core.space.Side;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.StepTurn;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.CountToken;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What the rows of a chart say about one of them, as far as they are written in shorthand. */
final class Situations {

    private static final Pattern NUMBER = Pattern.compile("\\d{1,2}");

    private Situations() {}

    static Situation of(List<RowDraft> rows, int row, String dance, List<Dance> dances) {
        OptionalInt beats = dances.stream()
                .filter(each -> each.id().equals(dance))
                .mapToInt(each -> each.rhythm().beatsPerBar())
                .findFirst();
        return new Situation(
                OptionalInt.of(row + 1),
                cell(Column.FOOT, rows.get(row)).map(Foot.class::cast),
                cell(Column.FOOT_POSITION, rows.get(row)).map(position -> ((FootPosition) position).direction()),
                turning(rows),
                lastBeat(rows, row),
                beats);
    }

    private static Optional<Object> cell(Column column, RowDraft row) {
        String text = row.cell(column);
        try {
            return text.isBlank() ? Optional.empty() : Optional.of(column.readShorthand(text));
        } catch (UnreadableTextException notInShorthand) {
            return Optional.empty();
        }
    }

    /** To which side most of the chart turns. */
    private static Optional<Side> turning(List<RowDraft> rows) {
        int sixteenths = rows.stream()
                .flatMap(row -> cell(Column.TURN, row).stream())
                .map(StepTurn.class::cast)
                .flatMap(turn -> Stream.of(turn.between(), turn.on()))
                .mapToInt(turn -> turn.sixteenths())
                .sum();
        return sixteenths == 0 ? Optional.empty() : Optional.of(sixteenths > 0 ? Side.LEFT : Side.RIGHT);
    }

    private static OptionalInt lastBeat(List<RowDraft> rows, int row) {
        return IntStream.iterate(row - 1, before -> before >= 0, before -> before - 1)
                .mapToObj(before -> beat(rows.get(before).cell(Column.COUNT)))
                .flatMap(Optional::stream)
                .mapToInt(beat -> beat)
                .findFirst();
    }

    /** The last beat of a mark in numbers; numbers above nine are counted on, and are read as they stand. */
    private static Optional<Integer> beat(String count) {
        String plain = count.strip();
        if (NUMBER.matcher(plain).matches()) {
            return Optional.of(Integer.valueOf(plain));
        }
        try {
            return plain.isEmpty() || !(Column.COUNT.readShorthand(plain) instanceof CountToken.Numbered numbered)
                    ? Optional.empty()
                    : Optional.of(numbered.beats().get(numbered.beats().size() - 1));
        } catch (UnreadableTextException noBeat) {
            return Optional.empty();
        }
    }
}
