package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.RowDraft;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A figure as a coach would read it aloud. What a teacher's telling says is read back as the same charts: a step is
 * told in plain words where they are read back so, and with the names of its columns where they are not.
 */
public final class Telling {

    /** How much is said. */
    public enum Length {
        /** Where the feet go and how far the couple turn. */
        BEGINNER,
        /** Everything that the charts say. */
        TEACHER
    }

    private static final List<Column> BEGINNERS =
            List.of(Column.COUNT, Column.FOOT, Column.FOOT_POSITION, Column.ALIGNMENT, Column.TURN);
    /** Columns that are told after the others, by name. */
    private static final List<Column> NAMED =
            List.of(Column.WORDS, Column.BODY, Column.RELATION, Column.ARMS, Column.LEAD, Column.NOTE);

    private static final Map<Column, String> HEADINGS = new EnumMap<>(Map.ofEntries(
            Map.entry(Column.COUNT, "count: "),
            Map.entry(Column.WORDS, "also counted: "),
            Map.entry(Column.FOOT, "feet: "),
            Map.entry(Column.FOOT_POSITION, "foot positions: "),
            Map.entry(Column.ALIGNMENT, "alignment: "),
            Map.entry(Column.TURN, "turn: "),
            Map.entry(Column.RISE, "rise and fall: "),
            Map.entry(Column.FOOTWORK, "footwork: "),
            Map.entry(Column.SWAY, "sway: "),
            Map.entry(Column.CBM, "CBM: "),
            Map.entry(Column.ACTION, "action: "),
            Map.entry(Column.BODY, "hips and body: "),
            Map.entry(Column.RELATION, "position and hold: "),
            Map.entry(Column.ARMS, "arms: "),
            Map.entry(Column.LEAD, "lead: "),
            Map.entry(Column.NOTE, "note: ")));

    private final FigureDraft blank;
    private final Dance dance;
    private final Length length;

    private Telling(Figure figure, Length length) {
        List<RowDraft> man = Collections.nCopies(figure.man().steps().size(), RowDraft.EMPTY);
        List<RowDraft> lady = Collections.nCopies(figure.lady().steps().size(), RowDraft.EMPTY);
        this.blank = DraftWriter.write(figure).withMan(man).withLady(lady).withDerived(List.of());
        this.dance = figure.dance();
        this.length = length;
    }

    /** One part, or both one after the other. */
    public static String of(Figure figure, List<Part> parts, Length length) {
        Telling telling = new Telling(figure, length);
        List<String> sentences = new ArrayList<>();
        sentences.add("Title: " + figure.title() + ".");
        sentences.add("It starts in " + said(figure.start())
                + figure.startAlignments().stream()
                        .findFirst()
                        .map(alignment -> ", " + alignment.wording().replace(",", ""))
                        .orElse("")
                + ".");
        parts.forEach(part -> sentences.addAll(telling.told(figure.chart(part))));
        sentences.add("It ends in " + said(figure.end()) + ".");
        if (length == Length.TEACHER) {
            figure.teaching().cues().forEach(cue -> sentences.add("Cue: " + cue));
            figure.teaching().faults().forEach(fault -> sentences.add("Fault: " + fault));
            figure.teaching().drills().forEach(drill -> sentences.add("Drill: " + drill));
        }
        return String.join("\n", sentences);
    }

    private static String said(Relation relation) {
        return relation.position().wording() + ", hold " + relation.hold().shorthand();
    }

    private List<String> told(Chart chart) {
        List<String> sentences = new ArrayList<>();
        sentences.add(chart.part() == Part.MAN ? "The man:" : "The lady:");
        for (int row = 0; row < chart.steps().size(); row++) {
            sentences.add(step(chart.part(), row, chart.steps().get(row)));
        }
        return sentences;
    }

    private String step(Part part, int row, Step step) {
        RowDraft cells = new RowDraft(DraftWriter.row(step).cells().entrySet().stream()
                .filter(cell -> says(cell.getKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
        List<Column> named = new ArrayList<>(NAMED);
        for (Column doubtful : List.of(
                Column.TURN, Column.RISE, Column.FOOT_POSITION, Column.ALIGNMENT, Column.ACTION, Column.FOOTWORK)) {
            String sentence = sentence(row, step, named);
            if (isReadBack(sentence, part, row, cells)) {
                return sentence;
            }
            named.add(doubtful);
        }
        return sentence(row, step, List.of(Column.values()));
    }

    private boolean says(Column column) {
        return length == Length.TEACHER || BEGINNERS.contains(column);
    }

    private boolean isReadBack(String sentence, Part part, int row, RowDraft cells) {
        Description back =
                DescriptionReader.amend((part == Part.MAN ? "The man: " : "The lady: ") + sentence, blank, dance);
        return back.leftovers().isEmpty()
                && back.figure().derived().isEmpty()
                && back.figure().chart(part).get(row).cells().equals(cells.cells())
                && back.figure().withChart(part, blank.chart(part)).equals(blank);
    }

    private String sentence(int row, Step step, List<Column> named) {
        String plain = Stream.of(
                        count(step, named),
                        plain(Column.FOOT, step, named) + " " + plain(Column.FOOT_POSITION, step, named),
                        plain(Column.ALIGNMENT, step, named),
                        turn(step, named),
                        plain(Column.RISE, step, named),
                        plain(Column.FOOTWORK, step, named),
                        plain(Column.SWAY, step, named),
                        plain(Column.CBM, step, named),
                        plain(Column.ACTION, step, named))
                .map(String::strip)
                .filter(piece -> !piece.isEmpty())
                .collect(Collectors.joining(", "));
        String labelled = Arrays.stream(Column.values())
                .filter(named::contains)
                .filter(this::says)
                .map(column -> labelled(column, step))
                .flatMap(Optional::stream)
                .collect(Collectors.joining("; "));
        return Stream.of("Step " + (row + 1) + (plain.isEmpty() ? "" : ", " + plain), labelled)
                .filter(piece -> !piece.isEmpty())
                .collect(Collectors.joining("; "));
    }

    private String count(Step step, List<Column> named) {
        return named.contains(Column.COUNT)
                ? ""
                : step.count().map(count -> "count " + count).orElse("");
    }

    private String turn(Step step, List<Column> named) {
        String said = plain(Column.TURN, step, named);
        return said.isEmpty() || !Character.isDigit(said.charAt(0)) ? said : "turning " + said;
    }

    /** A cell in words that can stand in a sentence; commas would part it. */
    private String plain(Column column, Step step, List<Column> named) {
        if (named.contains(column) || !says(column)) {
            return "";
        }
        String wording = column.wording(step);
        return switch (column) {
            case SWAY -> wording.isEmpty() || wording.startsWith("no") ? wording : "sway " + wording;
            case CBM -> wording.isEmpty() ? "" : "with CBM";
            case RISE, TURN -> wording.replace(", ", " and ");
            default -> wording.replace(",", "");
        };
    }

    /** Own words go on to the end of their piece, so they have no semicolon. */
    private static Optional<String> labelled(Column column, Step step) {
        String wording = column.isNotation()
                ? column.wording(step)
                : column.wording(step).replace('\n', ' ').replace(". ", ", ");
        return wording.isEmpty() ? Optional.empty() : Optional.of(HEADINGS.get(column) + wording.replace(";", ","));
    }
}
