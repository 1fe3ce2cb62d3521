package fluidframe.core.notation;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Mute;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One place in which two descriptions of a figure differ.
 *
 * @param place where
 * @param one what the first says there; empty if nothing
 * @param other what the second says
 */
public record DraftDifference(Place place, String one, String other) {

    /** Every place that differs, the heading first, then the charts cell by cell, then the rest. */
    public static List<DraftDifference> between(FigureDraft one, FigureDraft other) {
        List<DraftDifference> found = new ArrayList<>();
        add(found, "dance", one.dance(), other.dance());
        add(found, "feel", one.feel().orElse(""), other.feel().orElse(""));
        add(found, "title", one.title(), other.title());
        add(found, "otherNames", list(one.otherNames()), list(other.otherNames()));
        add(found, "level", one.level(), other.level());
        add(found, "bars", one.bars(), other.bars());
        add(found, "start", relation(one.start()), relation(other.start()));
        add(found, "end", relation(one.end()), relation(other.end()));
        add(found, "startAlignments", list(one.startAlignments()), list(other.startAlignments()));
        add(found, "insistsOnAlignment", said(one.insistsOnAlignment()), said(other.insistsOnAlignment()));
        add(found, "sameFoot", said(one.sameFoot()), said(other.sameFoot()));
        for (Part part : Part.values()) {
            charts(found, part, one.chart(part), other.chart(part));
        }
        variants(found, one.variants(), other.variants());
        add(found, "follows", list(one.follows()), list(other.follows()));
        add(found, "precedes", list(one.precedes()), list(other.precedes()));
        texts(found, "cues", one.cues(), other.cues());
        texts(found, "faults", one.faults(), other.faults());
        texts(found, "drills", one.drills(), other.drills());
        add(found, "cautions", list(one.cautions()), list(other.cautions()));
        add(found, "lastRead", one.lastRead().orElse(""), other.lastRead().orElse(""));
        add(found, "mutes", said(one.mutes()), said(other.mutes()));
        add(found, "derived", list(one.derived()), list(other.derived()));
        return found;
    }

    private static void charts(List<DraftDifference> found, Part part, List<RowDraft> one, List<RowDraft> other) {
        for (int row = 0; row < Math.max(one.size(), other.size()); row++) {
            RowDraft here = row < one.size() ? one.get(row) : RowDraft.EMPTY;
            RowDraft there = row < other.size() ? other.get(row) : RowDraft.EMPTY;
            for (Column column : Column.values()) {
                add(found, Place.cell(part, row, column), here.cell(column), there.cell(column));
            }
        }
    }

    private static void variants(
            List<DraftDifference> found, FigureDraft.VariantsDraft one, FigureDraft.VariantsDraft other) {
        add(found, "timings", said(one.timings()), said(other.timings()));
        add(found, "splits", said(one.splits()), said(other.splits()));
        add(found, "finishes", said(one.finishes()), said(other.finishes()));
        add(
                found,
                "repeat",
                said(one.repeat().stream().toList()),
                said(other.repeat().stream().toList()));
        add(found, "school/man", one.manSchool().orElse(""), other.manSchool().orElse(""));
        add(
                found,
                "school/lady",
                one.ladySchool().orElse(""),
                other.ladySchool().orElse(""));
        add(found, "schools", said(one.schools()), said(other.schools()));
        add(found, "entries", said(one.entries()), said(other.entries()));
        add(found, "usage", said(List.of(one.usage())), said(List.of(other.usage())));
    }

    private static void texts(List<DraftDifference> found, String field, List<String> one, List<String> other) {
        for (int i = 0; i < Math.max(one.size(), other.size()); i++) {
            add(found, field + "/" + i, i < one.size() ? one.get(i) : "", i < other.size() ? other.get(i) : "");
        }
    }

    private static void add(List<DraftDifference> found, String field, String one, String other) {
        add(found, Place.field(field), one, other);
    }

    private static void add(List<DraftDifference> found, Place place, String one, String other) {
        if (!Objects.equals(one, other)) {
            found.add(new DraftDifference(place, one, other));
        }
    }

    private static String relation(FigureDraft.RelationDraft relation) {
        return relation.position() + ", hold " + relation.hold()
                + relation.proximity().map(proximity -> ", " + proximity).orElse("");
    }

    private static String said(boolean so) {
        return so ? "yes" : "no";
    }

    private static String list(List<String> texts) {
        return String.join(", ", texts);
    }

    private static String said(List<?> drafts) {
        return drafts.stream().map(DraftDifference::said).collect(Collectors.joining("; "));
    }

    private static String said(Object draft) {
        if (draft instanceof FigureDraft.TimingDraft timing) {
            return timing.name() + ": " + timing.man() + " and " + timing.lady();
        }
        if (draft instanceof FigureDraft.SplitDraft split) {
            return NotationSentences.stepsToFrom(
                    split.name(),
                    split.first(),
                    split.last(),
                    split.startAlignments().isEmpty(),
                    list(split.startAlignments()),
                    split.purpose().map(purpose -> ", " + purpose).orElse(""));
        }
        if (draft instanceof FigureDraft.RepeatDraft repeat) {
            return NotationSentences.stepsToTimes(repeat.first(), repeat.last(), repeat.times());
        }
        if (draft instanceof FigureDraft.VariationDraft variation) {
            return variation.name() + ": man " + changes(variation.man()) + "; lady " + changes(variation.lady())
                    + variation
                            .start()
                            .map(start -> "; begins in " + relation(start))
                            .orElse("")
                    + variation.end().map(end -> "; ends in " + relation(end)).orElse("");
        }
        if (draft instanceof FigureDraft.UsageDraft usage) {
            return Stream.of(
                            usage.eitherFoot()
                                    ? Optional.of(NotationSentences.fromEitherFoot())
                                    : Optional.<String>empty(),
                            usage.curve().map(curve -> "curves by " + curve),
                            usage.opens().map(opens -> NotationSentences.beginsBeginsNoRoutine(opens)),
                            usage.closes().map(closes -> NotationSentences.endsEndsNoRoutine(closes)))
                    .flatMap(Optional::stream)
                    .collect(Collectors.joining(", "));
        }
        if (draft instanceof Mute mute) {
            return mute.rule()
                    + Optional.of(mute.at())
                            .filter(at -> !at.isEmpty())
                            .map(at -> " at " + at)
                            .orElse("") + ": " + mute.reason();
        }
        throw new IllegalArgumentException(NotationSentences.noWordsFor(draft.getClass()));
    }

    private static String changes(List<FigureDraft.RowChangeDraft> changes) {
        return changes.isEmpty()
                ? "as charted"
                : changes.stream()
                        .map(change -> "step " + change.row() + " "
                                + change.cells().cells().values())
                        .collect(Collectors.joining(", "));
    }
}
