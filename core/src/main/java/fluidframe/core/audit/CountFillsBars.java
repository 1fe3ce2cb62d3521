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
 * T2. Words must add up to the stated bars. Numbers give onsets, so the last step lasts to the end of the figure; but
 * a last step may not silently swallow beats of its own bar: a hold that is meant is written, {@code 2-3} or {@code h}.
 * Over the bar line into the next start beat (4 held through 1) no tie is asked for, because every figure of a dance
 * that starts on 2 ends that way.
 */
public final class CountFillsBars implements Rule {

    @Override
    public String id() {
        return "T2";
    }

    @Override
    public String title() {
        return "the count fills the stated bars";
    }

    @Override
    public String reason() {
        return "A figure that is a beat short or long puts everything after it on the wrong beat.";
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            subject.timing(part).flatMap(timing -> check(subject, part, timing)).ifPresent(found::add);
        }
        return found;
    }

    private Optional<Finding> check(Subject subject, Part part, Timing timing) {
        Beats stated = subject.figure().length();
        int last = timing.slots().size() - 1;
        if (timing.inWords()) {
            return timing.length().equals(stated) ? Optional.empty()
                    : Optional.of(finding(part, last, timing.rhythm(), stated, timing.length(), barsFix(timing.rhythm(), timing.length())));
        }
        for (int i = 0; i <= last; i++) {
            Slot slot = timing.slots().get(i);
            if (slot.onset().plus(tied(slot)).compareTo(stated) > 0) {
                Beats counted = countedTo(timing);
                return Optional.of(finding(part, i, timing.rhythm(), stated, counted, barsFix(timing.rhythm(), counted)));
            }
        }
        return swallowed(part, timing, stated);
    }

    private Optional<Finding> swallowed(Part part, Timing timing, Beats stated) {
        Rhythm rhythm = timing.rhythm();
        Beats counted = countedTo(timing);
        Beats left = stated.minus(counted);
        Beats sinceBarLine = rhythm.withinBar(timing.start().plus(counted));
        boolean atBarLine = sinceBarLine.equals(Beats.ZERO);
        Beats mayHold = atBarLine ? Beats.of(rhythm.startBeats().first() - 1) : Beats.ZERO;
        if (left.compareTo(mayHold) <= 0) {
            return Optional.empty();
        }
        List<Fix> fixes = new ArrayList<>(barsFix(rhythm, counted));
        int last = timing.slots().size() - 1;
        if (timing.slots().get(last).token() instanceof CountToken.Numbered numbered && left.compareTo(rhythm.bar()) < 0) {
            String tie = tie(rhythm, timing.start().plus(counted), numbered, left.wholeBeats()).toString();
            fixes.add(new Fix("hold it: " + tie, Place.cell(part, last, Column.COUNT), tie));
        }
        return Optional.of(finding(part, last, rhythm, stated, counted, fixes));
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
        String bars = new Fraction(length.ticks(), rhythm.bar().ticks()).toString();
        return List.of(new Fix("make it " + bars + (length.equals(rhythm.bar()) ? " bar" : " bars"), Place.field("bars"), bars));
    }

    private Finding finding(Part part, int step, Rhythm rhythm, Beats stated, Beats counted, List<Fix> fixes) {
        Place place = Place.cell(part, step, Column.COUNT);
        return new Finding(id(), Severity.ERROR, place, stated + " beats", counted + " beats",
                "The " + part.wording() + "'s count comes to " + counted + " beats; the figure is stated as " + stated
                        + " beats (" + new Fraction(stated.ticks(), rhythm.bar().ticks()) + " bars of " + rhythm.beatsPerBar() + ").", fixes);
    }
}
