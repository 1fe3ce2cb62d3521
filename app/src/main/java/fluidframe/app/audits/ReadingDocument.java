package fluidframe.app.audits;

import fluidframe.app.audits.FindingDocument.PlaceDocument;
import fluidframe.app.figures.FigureDocument.RowDocument;
import fluidframe.app.figures.FigureMapper;
import fluidframe.app.floor.StanceDocument;
import fluidframe.app.floor.StanceDocument.CoupleStanceDocument;
import fluidframe.app.space.HeadingDocument;
import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Subject;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.FreeFeet;
import fluidframe.core.figure.RepeatOutcome;
import fluidframe.core.figure.Repeats;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.notation.CellReading;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReading;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.RowDraft;
import fluidframe.core.notation.Unreadable;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A figure as the program reads it while it is being written.
 *
 * @param unreadable texts that cannot be read
 * @param findings what the audit says of the rest
 * @param man the man's rows; none without a dance and a length
 * @param lady the lady's rows
 * @param repeats what each number of repeats of its unit leads to
 * @param stances where both go on the floor; absent until both counts can be read
 */
@Schema(name = "Reading")
public record ReadingDocument(
        List<UnreadableDocument> unreadable,
        List<FindingDocument> findings,
        List<RowReading> man,
        List<RowReading> lady,
        List<RepeatReading> repeats,
        StancesDocument stances) {

    /**
     * A text that cannot be read, or not without a doubt.
     *
     * @param text the words that were not understood, or all of it
     * @param from where in the cell they begin
     * @param nearest what they might have been
     * @param choices what the cell may have been meant to say, the likeliest first
     * @param rows the cells of several rows, if it says more than one row can
     */
    @Schema(name = "Unreadable")
    public record UnreadableDocument(
            PlaceDocument place,
            String text,
            int from,
            String expected,
            List<String> nearest,
            List<ChoiceDocument> choices,
            List<String> rows,
            String sentence) {

        static UnreadableDocument of(Unreadable unreadable) {
            return new UnreadableDocument(
                    PlaceDocument.of(unreadable.place()),
                    unreadable.text(),
                    unreadable.from(),
                    unreadable.expected(),
                    unreadable.nearest(),
                    unreadable.choices().stream().map(ChoiceDocument::of).toList(),
                    unreadable.rows(),
                    unreadable.sentence());
        }
    }

    /**
     * A cell that may have been meant.
     *
     * @param column where it stands; another column where the words belong there
     */
    @Schema(name = "CellChoice")
    public record ChoiceDocument(String column, String text, String wording) {

        static ChoiceDocument of(CellReading.Choice choice) {
            return new ChoiceDocument(choice.column().key(), choice.text(), choice.wording());
        }
    }

    /**
     * One row.
     *
     * @param shorthand the row in canonical shorthand
     * @param wording the row in full words
     * @param onset beats from the start; absent while the count cannot be read
     * @param length beats
     * @param weight full, part or none
     * @param freeFoot foot free afterwards
     * @param heading where the foot looks at the end of the row
     * @param turned turn made on the row, empty for none
     * @param degrees the same in degrees, to the left positive
     * @param agrees whether turn and stated alignment agree
     */
    @Schema(name = "RowReading")
    public record RowReading(
            RowDocument shorthand,
            RowDocument wording,
            Double onset,
            Double length,
            String weight,
            String freeFoot,
            HeadingDocument heading,
            String turned,
            double degrees,
            boolean agrees) {}

    /**
     * A number of repeats.
     *
     * @param beats how long the whole figure is then
     * @param mend what mends it where it does not fit, else empty
     */
    @Schema(name = "RepeatReading")
    public record RepeatReading(
            int times,
            double beats,
            String manFree,
            String ladyFree,
            HeadingDocument facing,
            boolean fits,
            String mend) {

        static RepeatReading of(RepeatOutcome outcome) {
            return new RepeatReading(
                    outcome.times(),
                    outcome.length().toDouble(),
                    outcome.manFree().shorthand(),
                    outcome.ladyFree().shorthand(),
                    HeadingDocument.of(outcome.facing()),
                    outcome.fits(),
                    outcome.mend());
        }
    }

    /** Where both are before the first row and after each. */
    @Schema(name = "CoupleStances")
    public record StancesDocument(CoupleStanceDocument start, List<StanceDocument> man, List<StanceDocument> lady) {

        static StancesDocument of(CoupleStances couple) {
            return new StancesDocument(
                    CoupleStanceDocument.of(couple.start()),
                    couple.man().stream().map(StanceDocument::of).toList(),
                    couple.lady().stream().map(StanceDocument::of).toList());
        }
    }

    static ReadingDocument of(DraftReading reading) {
        List<UnreadableDocument> unreadable =
                reading.unreadable().stream().map(UnreadableDocument::of).toList();
        if (reading.figure().isEmpty()) {
            return new ReadingDocument(unreadable, List.of(), List.of(), List.of(), List.of(), null);
        }
        Figure figure = reading.figure().get();
        Subject subject = new Subject(figure);
        StancesDocument stances = subject.stances()
                .map(walked -> walked.rotated(figure.startHeading().radians()))
                .map(StancesDocument::of)
                .orElse(null);
        return new ReadingDocument(
                unreadable,
                Audit.of(figure).stream().map(FindingDocument::of).toList(),
                rows(figure.man(), subject.timing(Part.MAN)),
                rows(figure.lady(), subject.timing(Part.LADY)),
                repeats(subject),
                stances);
    }

    private static List<RepeatReading> repeats(Subject subject) {
        boolean counted = subject.timing(Part.MAN).isPresent()
                && subject.timing(Part.LADY).isPresent();
        return counted
                ? Repeats.table(subject.figure()).stream()
                        .map(RepeatReading::of)
                        .toList()
                : List.of();
    }

    private static List<RowReading> rows(Chart chart, Optional<Timing> timing) {
        FreeFeet free = chart.freeFeet();
        TurnAccount account = chart.turnAccount();
        List<RowReading> rows = new ArrayList<>();
        for (int i = 0; i < chart.steps().size(); i++) {
            Step step = chart.steps().get(i);
            TurnAccount.Entry entry = account.entries().get(i);
            int row = i;
            Optional<Slot> slot = timing.map(t -> t.slots().get(row));
            rows.add(new RowReading(
                    FigureMapper.row(DraftWriter.row(step)),
                    FigureMapper.row(wording(step)),
                    slot.map(s -> s.onset().toDouble()).orElse(null),
                    slot.map(s -> s.length().toDouble()).orElse(null),
                    step.weight().name().toLowerCase(Locale.ROOT),
                    free.after().get(i).shorthand(),
                    HeadingDocument.of(entry.after()),
                    turned(entry),
                    Math.toDegrees(entry.between().plus(entry.on()).radians()),
                    entry.agrees()));
        }
        return rows;
    }

    private static String turned(TurnAccount.Entry entry) {
        Turn turned = entry.between().plus(entry.on());
        return turned.isNone() ? "" : turned.toString();
    }

    private static RowDraft wording(Step step) {
        Map<Column, String> cells = new EnumMap<>(Column.class);
        for (Column column : Column.values()) {
            cells.put(column, column.wording(step));
        }
        return new RowDraft(cells).filled();
    }
}
