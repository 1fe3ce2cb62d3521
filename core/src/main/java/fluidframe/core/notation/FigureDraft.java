package fluidframe.core.notation;

import fluidframe.core.couple.Part;

import java.util.ArrayList;
import java.util.List;

/** A figure as text, the way it stands in a book and in the fields of a sheet. */
public record FigureDraft(String id, String dance, String title, String level, String bars, RelationDraft start,
                          RelationDraft end, List<String> startAlignments, boolean insistsOnAlignment,
                          List<RowDraft> man, List<RowDraft> lady, List<TimingDraft> timings, List<SplitDraft> splits,
                          List<String> follows, List<String> precedes, List<String> cues, List<String> faults,
                          List<String> drills, List<String> cautions, boolean sameFoot) {

    /** Position and hold as text. */
    public record RelationDraft(String position, String hold) {
    }

    /** Another count for both parts as text. */
    public record TimingDraft(String name, String man, String lady) {
    }

    /** A usable part of the figure, rows counted from 1. */
    public record SplitDraft(String name, int first, int last) {
    }

    public FigureDraft {
        startAlignments = List.copyOf(startAlignments);
        man = List.copyOf(man);
        lady = List.copyOf(lady);
        timings = List.copyOf(timings);
        splits = List.copyOf(splits);
        follows = List.copyOf(follows);
        precedes = List.copyOf(precedes);
        cues = List.copyOf(cues);
        faults = List.copyOf(faults);
        drills = List.copyOf(drills);
        cautions = List.copyOf(cautions);
    }

    public List<RowDraft> chart(Part part) {
        return part == Part.MAN ? man : lady;
    }

    /** The same draft with one cell changed. */
    public FigureDraft withCell(Part part, int step, Column column, String text) {
        List<RowDraft> rows = new ArrayList<>(chart(part));
        rows.set(step, rows.get(step).with(column, text));
        return withChart(part, rows);
    }

    public FigureDraft withChart(Part part, List<RowDraft> rows) {
        return new FigureDraft(id, dance, title, level, bars, start, end, startAlignments, insistsOnAlignment,
                part == Part.MAN ? rows : man, part == Part.LADY ? rows : lady, timings, splits, follows, precedes,
                cues, faults, drills, cautions, sameFoot);
    }

    public FigureDraft withBars(String other) {
        return new FigureDraft(id, dance, title, level, other, start, end, startAlignments, insistsOnAlignment, man, lady,
                timings, splits, follows, precedes, cues, faults, drills, cautions, sameFoot);
    }
}
