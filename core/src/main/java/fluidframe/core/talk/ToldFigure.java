package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.derive.PartnerPart;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Counts;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.RowDraft;
import fluidframe.core.step.Foot;
import fluidframe.core.text.Fraction;
import fluidframe.core.time.Beats;
import fluidframe.core.time.CountToken;
import fluidframe.core.time.Timing;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The figure as far as it was told, and what follows from that: the partner's chart, feet and counts that were not
 * named, the length, the end.
 */
final class ToldFigure {

    private final Dance dance;
    private final Map<Part, ToldRows> rows =
            new EnumMap<>(Map.of(Part.MAN, new ToldRows(Part.MAN), Part.LADY, new ToldRows(Part.LADY)));
    private FigureDraft draft;
    private boolean endSaid;

    ToldFigure(FigureDraft draft, Dance dance) {
        this.draft = draft;
        this.dance = dance;
    }

    Dance dance() {
        return dance;
    }

    ToldRows rows(Part part) {
        return rows.get(part);
    }

    FigureDraft draft() {
        return draft;
    }

    /** The same figure with something besides its charts changed. */
    void become(FigureDraft other) {
        draft = other;
    }

    /** How the figure ends was said, so it need not follow from the last rows. */
    void endIsSaid() {
        endSaid = true;
    }

    /** The figure with its charts; cells that were derived are named in it. */
    FigureDraft written(Set<String> derivedBefore) {
        Set<String> derived = new HashSet<>(derivedBefore);
        rows.values().forEach(each -> derived.addAll(each.derived()));
        return draft.withMan(rows.get(Part.MAN).drafts())
                .withLady(rows.get(Part.LADY).drafts())
                .withDerived(derived.stream().sorted().toList());
    }

    /** The chart of one from that of the other, as each position asks; what is said takes its place. */
    void derive(Part other, Part from) {
        FigureDraft known = draft.withMan(rows.get(Part.MAN).drafts())
                .withLady(rows.get(Part.LADY).drafts())
                .withBars("64");
        Optional<Figure> figure = DraftReader.read(
                        from == Part.MAN ? known.withLady(known.man()) : known.withMan(known.lady()), List.of(dance))
                .figure();
        if (figure.isEmpty() || rows.get(from).size() == 0) {
            return;
        }
        List<RowDraft> charted = DraftWriter.rows(PartnerPart.of(figure.get(), from));
        rows.get(other).begin(charted);
        for (int row = 0; row < charted.size(); row++) {
            int at = row;
            charted.get(row).cells().forEach((column, cell) -> rows.get(other).derive(at, column, cell));
        }
    }

    /** What follows once everything has been told. */
    void complete() {
        completeRows(Part.MAN);
        completeRows(Part.LADY);
        boolean one = rows.get(Part.MAN).size() == 0 ^ rows.get(Part.LADY).size() == 0;
        if (one) {
            Part from = rows.get(Part.MAN).size() > 0 ? Part.MAN : Part.LADY;
            derive(from.partner(), from);
        }
        shareCounts();
        boolean bare = !draft.startAlignments().isEmpty()
                && rows.get(Part.MAN).size() > 0
                && rows.get(Part.MAN).cell(0, Column.ALIGNMENT).isEmpty()
                && rows.get(Part.MAN).cell(0, Column.TURN).isEmpty();
        if (bare) {
            rows.get(Part.MAN)
                    .derive(0, Column.ALIGNMENT, draft.startAlignments().get(0));
        }
        length().ifPresent(bars -> draft = draft.withBars(bars));
        endPosition();
    }

    /** Feet that were not named follow one another; a dance in three is counted in three, if nothing else was said. */
    void completeRows(Part of) {
        ToldRows told = rows.get(of);
        told.tieUntold();
        boolean counted = false;
        for (int row = 0; row < told.size(); row++) {
            counted |= !told.cell(row, Column.COUNT).isEmpty();
            Optional<Foot> before = Foot.LEXICON.find(told.cell(row - 1, Column.FOOT));
            if (told.cell(row, Column.FOOT).isEmpty()
                    && before.isPresent()
                    && before.get() != Foot.BOTH
                    && !told.cell(row, Column.FOOT_POSITION).isEmpty()) {
                told.derive(row, Column.FOOT, before.get().other().shorthand());
            }
        }
        int beats = dance.rhythm().beatsPerBar();
        for (int row = 0; !counted && beats == 3 && row < told.size(); row++) {
            told.derive(row, Column.COUNT, String.valueOf(row % beats + 1));
        }
    }

    /** A count that was told for one of the two holds for the other, if it has as many rows. */
    private void shareCounts() {
        ToldRows man = rows.get(Part.MAN);
        ToldRows lady = rows.get(Part.LADY);
        for (int row = 0; man.size() == lady.size() && row < man.size(); row++) {
            share(man, lady, row);
            share(lady, man, row);
        }
    }

    private static void share(ToldRows from, ToldRows to, int row) {
        if (to.cell(row, Column.COUNT).isEmpty()
                && !from.cell(row, Column.COUNT).isEmpty()) {
            to.derive(row, Column.COUNT, from.cell(row, Column.COUNT));
        }
    }

    private Optional<String> length() {
        ToldRows told = rows.get(Part.MAN).size() > 0 ? rows.get(Part.MAN) : rows.get(Part.LADY);
        String count = IntStream.range(0, told.size())
                .mapToObj(row -> told.cell(row, Column.COUNT))
                .collect(Collectors.joining(" "));
        try {
            Timing timing = Timing.of(
                    dance.rhythm(), Counts.read(count), dance.rhythm().bar().times(DraftReader.MOST_BARS));
            Beats onset = timing.slots().get(timing.slots().size() - 1).onset();
            CountToken last = timing.slots().get(timing.slots().size() - 1).token();
            Beats length = timing.inWords()
                    ? timing.length()
                    : onset.fraction().equals(Beats.ZERO)
                            ? onset.plus(Beats.of(
                                    last instanceof CountToken.Numbered numbered
                                            ? numbered.beats().size()
                                            : 1))
                            : Beats.of(onset.wholeBeats() + 1);
            return Optional.of(new Fraction(length.ticks(), dance.rhythm().bar().ticks()).toString());
        } catch (IllegalArgumentException | IndexOutOfBoundsException notCounted) {
            return Optional.empty();
        }
    }

    /** A figure whose last step is in promenade or outside partner ends there, if nothing else was said. */
    private void endPosition() {
        if (!endSaid && rows.get(Part.MAN).size() > 0) {
            draft = draft.withEnd(RelationWords.after(rows.get(Part.MAN).drafts(), draft.start()));
        }
    }
}
