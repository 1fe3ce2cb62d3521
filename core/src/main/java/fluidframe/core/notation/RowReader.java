package fluidframe.core.notation;

import fluidframe.core.couple.RelationChange;
import fluidframe.core.phrase.Situation;
import fluidframe.core.space.Alignment;
import fluidframe.core.step.Action;
import fluidframe.core.step.BodyAction;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepTurn;
import fluidframe.core.step.Sway;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.CountToken;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/** Reads the rows of a chart, cell by cell. */
final class RowReader {

    private final DraftTexts texts;

    RowReader(DraftTexts texts) {
        this.texts = texts;
    }

    /**
     * One row by itself.
     *
     * @throws UnreadableTextException for the first cell that cannot be read
     */
    static Step read(RowDraft row) {
        Map<Column, Object> read = new EnumMap<>(Column.class);
        row.filled().cells().forEach((column, text) -> read.put(column, column.read(text)));
        return step(read);
    }

    Step read(RowDraft row, Function<Column, Place> place, Supplier<Situation> situation) {
        Map<Column, Object> read = new EnumMap<>(Column.class);
        row.cells().forEach((column, text) -> {
            if (!text.isBlank()) {
                cell(column, text, place.apply(column), situation).ifPresent(value -> read.put(column, value));
            }
        });
        return step(read);
    }

    /** What a cell says; where some of it was not understood, what the rest says. */
    private Optional<Object> cell(Column column, String text, Place place, Supplier<Situation> situation) {
        if (text.length() > DraftTexts.LONGEST_TEXT) {
            texts.complain(
                    place, text.length() + " letters", NotationSentences.atMostLetters2(DraftTexts.LONGEST_TEXT));
            return Optional.empty();
        }
        CellReading reading = CellReader.read(column, text, situation);
        if (!reading.isUnderstood()) {
            texts.take(Unreadable.of(place, text, reading));
        }
        return reading.value();
    }

    static Step step(Map<Column, Object> read) {
        return new Step(
                Optional.ofNullable((CountToken) read.get(Column.COUNT)),
                Optional.ofNullable((CountToken) read.get(Column.WORDS)),
                Optional.ofNullable((Foot) read.get(Column.FOOT)),
                Optional.ofNullable((FootPosition) read.get(Column.FOOT_POSITION)),
                Optional.ofNullable((Alignment) read.get(Column.ALIGNMENT)),
                (StepTurn) read.getOrDefault(Column.TURN, StepTurn.NONE),
                (RiseFall) read.getOrDefault(Column.RISE, RiseFall.NONE),
                (Footwork) read.getOrDefault(Column.FOOTWORK, Footwork.NONE),
                Optional.ofNullable((Sway) read.get(Column.SWAY)),
                (Boolean) read.getOrDefault(Column.CBM, false),
                actions(read.get(Column.ACTION)),
                (BodyAction) read.getOrDefault(Column.BODY, BodyAction.NONE),
                (RelationChange) read.getOrDefault(Column.RELATION, RelationChange.NONE),
                (String) read.getOrDefault(Column.ARMS, ""),
                (String) read.getOrDefault(Column.LEAD, ""),
                (String) read.getOrDefault(Column.NOTE, ""));
    }

    private static List<Action> actions(Object read) {
        return read == null
                ? List.of()
                : ((List<?>) read).stream().map(Action.class::cast).toList();
    }
}
