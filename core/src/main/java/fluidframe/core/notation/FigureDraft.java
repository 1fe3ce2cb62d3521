package fluidframe.core.notation;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Mute;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A figure as text, the way it stands in a book and in the fields of a sheet. */
@RecordBuilder
public record FigureDraft(
        String id,
        String dance,
        Optional<String> feel,
        String title,
        List<String> otherNames,
        String level,
        String bars,
        RelationDraft start,
        RelationDraft end,
        List<String> startAlignments,
        boolean insistsOnAlignment,
        List<RowDraft> man,
        List<RowDraft> lady,
        VariantsDraft variants,
        List<String> follows,
        List<String> precedes,
        List<String> cues,
        List<String> faults,
        List<String> drills,
        List<String> cautions,
        Optional<String> lastRead,
        boolean sameFoot,
        List<Mute> mutes,
        List<String> derived)
        implements FigureDraftBuilder.With {

    /** Position, hold and, where it is not the usual, proximity as text. */
    public record RelationDraft(String position, String hold, Optional<String> proximity) {}

    /** Another count for both parts as text. */
    public record TimingDraft(String name, String man, String lady) {}

    /** A usable part of the figure, rows counted from 1, and where it may start if not only where the figure leads. */
    public record SplitDraft(String name, int first, int last, List<String> startAlignments, Optional<String> purpose) {

        public SplitDraft {
            startAlignments = List.copyOf(startAlignments);
        }

        public SplitDraft(String name, int first, int last) {
            this(name, first, last, List.of(), Optional.empty());
        }
    }

    /** Rows that may be repeated, counted from 1; the lady's only where they differ. */
    @RecordBuilder
    public record RepeatDraft(
            int first, int last, Optional<Integer> ladyFirst, Optional<Integer> ladyLast, String times)
            implements FigureDraftRepeatDraftBuilder.With {}

    /** The cells of one row, counted from 1, that are otherwise in a variation; an empty cell is emptied. */
    public record RowChangeDraft(int row, RowDraft cells) {

        public RowChangeDraft {
            cells = cells == null ? RowDraft.EMPTY : cells;
        }
    }

    /** An entry, a finish or a school as text. */
    public record VariationDraft(
            String name,
            List<RowChangeDraft> man,
            List<RowChangeDraft> lady,
            Optional<RelationDraft> start,
            Optional<RelationDraft> end) {

        public VariationDraft {
            man = List.copyOf(man);
            lady = List.copyOf(lady);
        }

        public VariationDraft(
                String name, List<RowChangeDraft> man, List<RowChangeDraft> lady, Optional<RelationDraft> end) {
            this(name, man, lady, Optional.empty(), end);
        }
    }

    /**
     * How freely it may be used, as text: whether from either foot, the curve it may take, whether a routine may begin
     * and end with it.
     */
    public record UsageDraft(
            boolean eitherFoot, Optional<String> curve, Optional<Boolean> opens, Optional<Boolean> closes) {

        public static final UsageDraft PLAIN =
                new UsageDraft(false, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** The other ways of dancing a figure as text. */
    @RecordBuilder
    public record VariantsDraft(
            List<TimingDraft> timings,
            List<SplitDraft> splits,
            List<VariationDraft> finishes,
            Optional<RepeatDraft> repeat,
            Optional<String> manSchool,
            Optional<String> ladySchool,
            List<VariationDraft> schools,
            List<VariationDraft> entries,
            UsageDraft usage)
            implements FigureDraftVariantsDraftBuilder.With {

        public VariantsDraft {
            timings = List.copyOf(timings);
            splits = List.copyOf(splits);
            finishes = List.copyOf(finishes);
            schools = List.copyOf(schools);
            entries = List.copyOf(entries);
        }

        public VariantsDraft(
                List<TimingDraft> timings,
                List<SplitDraft> splits,
                List<VariationDraft> finishes,
                Optional<RepeatDraft> repeat,
                Optional<String> manSchool,
                Optional<String> ladySchool,
                List<VariationDraft> schools) {
            this(timings, splits, finishes, repeat, manSchool, ladySchool, schools, List.of(), UsageDraft.PLAIN);
        }

        VariantsDraft withTimes(String times) {
            return withRepeat(repeat.map(unit -> unit.withTimes(times)));
        }
    }

    public FigureDraft {
        otherNames = List.copyOf(otherNames);
        startAlignments = List.copyOf(startAlignments);
        man = List.copyOf(man);
        lady = List.copyOf(lady);
        follows = List.copyOf(follows);
        precedes = List.copyOf(precedes);
        cues = List.copyOf(cues);
        faults = List.copyOf(faults);
        drills = List.copyOf(drills);
        cautions = List.copyOf(cautions);
        mutes = List.copyOf(mutes);
        derived = List.copyOf(derived);
    }

    public List<RowDraft> chart(Part part) {
        return part == Part.MAN ? man : lady;
    }

    /** The same draft with one cell changed; a changed cell is no longer derived. */
    public FigureDraft withCell(Part part, int step, Column column, String text) {
        List<RowDraft> rows = new ArrayList<>(chart(part));
        rows.set(step, rows.get(step).with(column, text));
        String pointer = Place.cell(part, step, column).pointer();
        return withChart(part, rows)
                .withDerived(derived.stream().filter(at -> !at.equals(pointer)).toList());
    }

    public FigureDraft withChart(Part part, List<RowDraft> rows) {
        return part == Part.MAN ? withMan(rows) : withLady(rows);
    }

    /** The same draft with other numbers of repeats of its unit. */
    public FigureDraft withTimes(String times) {
        return withVariants(variants.withTimes(times));
    }
}
