package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.text.Fraction;
import fluidframe.core.time.Beats;
import fluidframe.core.time.CountToken;
import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * T2. Words must add up to the stated bars. Numbers give onsets, so the last step lasts to the end of the figure; but a
 * last step may not silently swallow beats of its own bar: a hold that is meant is written, {@code 2-3} or {@code h}.
 * Over the bar line into the next start beat (4 held through 1) no tie is asked for, because every figure of a dance
 * that starts on 2 ends that way.
 */
final class CountFillsBars extends CheckedRule {

    CountFillsBars() {
        super("T2", AuditSentences.theCountFillsTheStatedBars(), AuditSentences.aFigureThatIsABeat());
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            subject.timing(part).flatMap(timing -> check(subject, part, timing)).ifPresent(found::add);
        }
        return found;
    }

    /**
     * A count that does not come to the stated length.
     *
     * @param row the row at which it shows
     * @param counted what it comes to
     * @param swallowed whether the last step would silently fill the rest
     */
    record Miscount(int row, Beats counted, boolean swallowed) {}

    /** How a timing misses a stated length, if it does. */
    static Optional<Miscount> miscount(Timing timing, Beats stated) {
        int last = timing.slots().size() - 1;
        if (timing.inWords()) {
            return timing.length().equals(stated)
                    ? Optional.empty()
                    : Optional.of(new Miscount(last, timing.length(), false));
        }
        Beats counted = countedTo(timing);
        for (int i = 0; i <= last; i++) {
            Slot slot = timing.slots().get(i);
            if (slot.onset().plus(tied(slot)).compareTo(stated) > 0) {
                return Optional.of(new Miscount(i, counted, false));
            }
        }
        Rhythm rhythm = timing.rhythm();
        boolean atBarLine = rhythm.withinBar(timing.start().plus(counted)).equals(Beats.ZERO);
        Beats mayHold = atBarLine ? Beats.of(rhythm.startBeats().first() - 1) : Beats.ZERO;
        return stated.minus(counted).compareTo(mayHold) <= 0
                ? Optional.empty()
                : Optional.of(new Miscount(last, counted, true));
    }

    private Optional<Finding> check(Subject subject, Part part, Timing timing) {
        Beats stated = subject.figure().length();
        return miscount(timing, stated).map(miscount -> {
            List<Fix> fixes = new ArrayList<>(barsFix(timing.rhythm(), miscount.counted()));
            if (miscount.swallowed()) {
                tieFix(part, timing, stated.minus(miscount.counted()), miscount).ifPresent(fixes::add);
            }
            return finding(part, miscount.row(), timing.rhythm(), stated, miscount.counted(), fixes);
        });
    }

    private static Optional<Fix> tieFix(Part part, Timing timing, Beats left, Miscount miscount) {
        if (timing.slots().get(miscount.row()).token() instanceof CountToken.Numbered numbered
                && left.compareTo(timing.rhythm().bar()) < 0) {
            String tie = tie(timing.rhythm(), timing.start().plus(miscount.counted()), numbered, left.wholeBeats())
                    .toString();
            return Optional.of(
                    new Fix(AuditSentences.holdIt(tie), Place.cell(part, miscount.row(), Column.COUNT), tie));
        }
        return Optional.empty();
    }

    private static CountToken tie(Rhythm rhythm, Beats from, CountToken.Numbered numbered, int beats) {
        List<Integer> tied = new ArrayList<>(numbered.beats());
        for (int i = 0; i < beats; i++) {
            tied.add(rhythm.beatOfBar(from.plus(Beats.of(i))));
        }
        return new CountToken.Numbered(tied, numbered.bracketed());
    }

    /** Up to where the beats are named: the end of the beat the last mark falls in or is tied to. */
    private static Beats countedTo(Timing timing) {
        Slot last = timing.slots().get(timing.slots().size() - 1);
        Beats end = timing.start().plus(last.onset()).plus(tied(last));
        Beats whole = end.fraction().equals(Beats.ZERO) ? end : Beats.of(end.wholeBeats() + 1);
        return whole.minus(timing.start());
    }

    private static Beats tied(Slot slot) {
        if (slot.token() instanceof CountToken.Numbered numbered) {
            return Beats.of(numbered.beats().size());
        }
        return slot.token() instanceof CountToken.Held ? Beats.ONE : new Beats(1);
    }

    private static List<Fix> barsFix(Rhythm rhythm, Beats length) {
        if (length.ticks() * 2 % rhythm.bar().ticks() != 0) {
            return List.of();
        }
        return List.of(new Fix(
                AuditSentences.makeIt(bars(length, rhythm).counting("bar")),
                Place.field("bars"),
                bars(length, rhythm).toString()));
    }

    private static Fraction bars(Beats length, Rhythm rhythm) {
        return new Fraction(length.ticks(), rhythm.bar().ticks());
    }

    private Finding finding(Part part, int step, Rhythm rhythm, Beats stated, Beats counted, List<Fix> fixes) {
        Place place = Place.cell(part, step, Column.COUNT);
        return new Finding(
                id(),
                Severity.ERROR,
                place,
                stated.wording(),
                counted.wording(),
                AuditSentences.theSCountComesToThe(
                        part.wording(),
                        counted.wording(),
                        stated.wording(),
                        bars(stated, rhythm).counting("bar"),
                        rhythm.beatsPerBar()),
                fixes);
    }
}
