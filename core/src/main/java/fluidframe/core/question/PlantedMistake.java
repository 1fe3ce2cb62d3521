package fluidframe.core.question;

import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Finding;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.RowDraft;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;

/**
 * A chart with one mistake in it: a cell of a figure without findings is made wrong so that the audit finds something
 * in just that row.
 *
 * @param sentence what the audit says of it
 */
record PlantedMistake(QuestionKey key, Figure figure, int row, List<RowDraft> rows, String was, String sentence) {

    private static final List<Column> SHOWN = List.of(
            Column.COUNT,
            Column.FOOT,
            Column.FOOT_POSITION,
            Column.ALIGNMENT,
            Column.TURN,
            Column.RISE,
            Column.FOOTWORK,
            Column.SWAY);

    /** A cell and what is written into it. */
    private record Change(int row, Column column, String text) {}

    /**
     * The first of the mistakes drawn by lot that the audit finds in its own row and nowhere else; empty if the figure
     * has findings or none is like that.
     */
    static Optional<PlantedMistake> in(Figure figure, QuestionKey key) {
        if (!Audit.of(figure).isEmpty()) {
            return Optional.empty();
        }
        FigureDraft draft = DraftWriter.write(figure);
        List<Change> changes = new ArrayList<>(changes(draft.chart(key.part())));
        Collections.shuffle(changes, new Random(key.salt()));
        return changes.stream()
                .flatMap(change -> planted(figure, key, draft, change).stream())
                .findFirst();
    }

    private static Optional<PlantedMistake> planted(Figure figure, QuestionKey key, FigureDraft draft, Change change) {
        FigureDraft wrong = draft.withCell(key.part(), change.row(), change.column(), change.text());
        List<Finding> findings = DraftReader.read(wrong, List.of(figure.dance()))
                .figure()
                .map(Audit::of)
                .orElse(List.of());
        boolean there = !findings.isEmpty()
                && findings.stream()
                        .allMatch(finding -> finding.place().part().equals(Optional.of(key.part()))
                                && finding.place().step().equals(Optional.of(change.row())));
        if (!there) {
            return Optional.empty();
        }
        List<RowDraft> rows =
                wrong.chart(key.part()).stream().map(row -> row.only(SHOWN)).toList();
        return Optional.of(new PlantedMistake(
                key,
                figure,
                change.row(),
                rows,
                change.column().title() + ": "
                        + draft.chart(key.part()).get(change.row()).cell(change.column()),
                findings.get(0).sentence()));
    }

    private static List<Change> changes(List<RowDraft> rows) {
        List<Change> changes = new ArrayList<>();
        for (int row = 0; row < rows.size(); row++) {
            for (Column column : SHOWN) {
                for (String text : otherwise(column, rows.get(row).cell(column))) {
                    changes.add(new Change(row, column, text));
                }
            }
        }
        return changes;
    }

    /** The mistakes that are made in a cell: the other foot, the other side, the other end of the foot. */
    private static List<String> otherwise(Column column, String cell) {
        return switch (column) {
            case FOOT -> cell.equals("LF") ? List.of("RF") : cell.equals("RF") ? List.of("LF") : List.of();
            case TURN ->
                cell.endsWith(" R")
                        ? List.of(cell.substring(0, cell.length() - 1) + "L")
                        : cell.endsWith(" L") ? List.of(cell.substring(0, cell.length() - 1) + "R") : List.of();
            case SWAY -> cell.equals("L") ? List.of("R") : cell.equals("R") ? List.of("L") : List.of();
            case FOOTWORK ->
                cell.isEmpty()
                        ? List.of()
                        : List.of("HT", "TH", "T").stream()
                                .filter(other -> !other.equals(cell))
                                .toList();
            default -> List.of();
        };
    }

    private static String capitalized(String sentence) {
        return sentence.substring(0, 1).toUpperCase(Locale.ROOT) + sentence.substring(1);
    }

    Question question() {
        Part part = key.part();
        return new Question(
                key,
                QuestionSentences.oneStepOfThisIsWritten(figure.title(), part.wording()),
                rows,
                new Expected.Located(part, row),
                List.of(
                        sentence.contains("step " + (row + 1))
                                ? capitalized(sentence)
                                : "Step " + (row + 1) + ": " + sentence,
                        QuestionSentences.itShouldSayNothing(was.endsWith(": "), was)));
    }
}
