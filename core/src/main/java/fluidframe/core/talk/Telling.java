package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A figure as a coach would read it aloud. What a teacher's telling says is read back as the same charts. */
public final class Telling {

    /** How much is said. */
    public enum Length {
        /** Where the feet go and how far the couple turn. */
        BEGINNER,
        /** Everything that the charts say. */
        TEACHER
    }

    private static final List<Column> BEGINNERS = List.of(Column.COUNT, Column.FOOT, Column.FOOT_POSITION, Column.ALIGNMENT, Column.TURN);
    /** Before a cell whose words alone would not tell which column they are for. */
    private static final Map<Column, String> HEADINGS = new EnumMap<>(Map.ofEntries(Map.entry(Column.COUNT, "count: "), Map.entry(Column.WORDS, "also counted: "), Map.entry(Column.FOOT, "feet: "),
            Map.entry(Column.FOOT_POSITION, "foot positions: "), Map.entry(Column.ALIGNMENT, "alignment: "), Map.entry(Column.TURN, "turn: "), Map.entry(Column.RISE, "rise and fall: "), Map.entry(Column.FOOTWORK, "footwork: "),
            Map.entry(Column.SWAY, "sway: "), Map.entry(Column.CBM, "CBM: "), Map.entry(Column.ACTION, "action: "), Map.entry(Column.BODY, "hips and body: "), Map.entry(Column.RELATION, "position and hold: "),
            Map.entry(Column.ARMS, "arms: "), Map.entry(Column.LEAD, "lead: "), Map.entry(Column.NOTE, "note: ")));

    private Telling() {
    }

    /** One part, or both one after the other. */
    public static String of(Figure figure, List<Part> parts, Length length) {
        List<String> sentences = new ArrayList<>();
        sentences.add("Title: " + figure.title() + ".");
        sentences.add("It starts in " + said(figure.start()) + figure.startAlignments().stream().findFirst().map(alignment -> ", " + alignment.wording().replace(",", "")).orElse("") + ".");
        parts.forEach(part -> sentences.addAll(told(figure.chart(part), length)));
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

    private static List<String> told(Chart chart, Length length) {
        List<String> sentences = new ArrayList<>();
        String who = chart.part() == Part.MAN ? "The man" : "The lady";
        sentences.add(who + ":");
        for (int row = 0; row < chart.steps().size(); row++) {
            Step step = chart.steps().get(row);
            String cells = java.util.Arrays.stream(Column.values()).filter(column -> length == Length.TEACHER || BEGINNERS.contains(column)).map(column -> cell(column, step))
                    .filter(cell -> !cell.isEmpty()).collect(Collectors.joining("; "));
            sentences.add("Step " + (row + 1) + (cells.isEmpty() ? "" : "; " + cells));
        }
        return sentences;
    }

    /** Own words go on to the end of their piece, so they have no semicolon. */
    private static String cell(Column column, Step step) {
        String wording = column.isNotation() ? column.wording(step) : column.wording(step).replace(';', ',').replace('\n', ' ').replace(". ", ", ");
        return wording.isEmpty() ? "" : HEADINGS.get(column) + wording.replace(";", ",");
    }
}
