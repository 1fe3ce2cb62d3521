package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import fluidframe.core.time.CountException;
import fluidframe.core.time.CountToken;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;

/**
 * A figure with its unit danced several times. Each repeat goes on from where the last one ended; where the unit's
 * weight changes are odd in number, every other one is mirrored.
 */
public final class Repeats {

    private final Figure figure;
    private final RepeatUnit unit;

    private Repeats(Figure figure, RepeatUnit unit) {
        this.figure = figure;
        this.unit = unit;
    }

    /**
     * The figure with its unit danced so many times in all; the same figure for one time. More than once there are
     * other rows than those its timings, splits and finishes name, and it has none.
     *
     * @throws CountException where the longer count has no name in the form the chart is written in
     * @throws IllegalArgumentException if the figure has no unit
     */
    public static Figure danced(Figure figure, int times) {
        RepeatUnit unit = figure.variants()
                .repeat()
                .orElseThrow(() -> new IllegalArgumentException(FigureSentences.hasNoRepeatUnit(figure.id())));
        return times == 1 ? figure : new Repeats(figure, unit).times(times);
    }

    /** Whether every other repeat of a part's unit is mirrored. */
    public static boolean alternates(Figure figure, RepeatUnit unit, Part part) {
        Rows rows = unit.rows(part);
        return figure.chart(part).steps().subList(rows.first(), rows.last() + 1).stream()
                                .filter(Step::takesWeight)
                                .count()
                        % 2
                == 1;
    }

    /** The part's rows with the unit danced so many times, counted as in one pass; for walking feet and turns. */
    public static Chart unrolled(Figure figure, RepeatUnit unit, Part part, int times) {
        return new Chart(part, new Repeats(figure, unit).rows(part, times));
    }

    /** Whether the feet go on alternating through this many repeats; a chart whose own feet slip is not judged. */
    public static boolean fits(Figure figure, RepeatUnit unit, int times) {
        for (Part part : Part.values()) {
            boolean charted = WeightWalk.slips(figure.chart(part)).isEmpty();
            if (charted
                    && !WeightWalk.slips(unrolled(figure, unit, part, times)).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    /**
     * What each allowed number of repeats leads to; nothing where the figure has no unit or its count means nothing.
     */
    public static List<RepeatOutcome> table(Figure figure) {
        List<RepeatOutcome> table = new ArrayList<>();
        figure.variants().repeat().ifPresent(unit -> {
            for (int times : unit.times()) {
                table.add(new Repeats(figure, unit).outcome(times));
            }
        });
        return table;
    }

    private RepeatOutcome outcome(int times) {
        Chart man = unrolled(figure, unit, Part.MAN, times);
        Chart lady = unrolled(figure, unit, Part.LADY, times);
        Beats length = figure.length().plus(unitLength(Part.MAN).times(times - 1));
        boolean fits = fits(figure, unit, times);
        return new RepeatOutcome(
                times,
                length,
                man.freeFeet().last(),
                lady.freeFeet().last(),
                man.turnAccount().end(),
                fits,
                fits ? "" : mend(times));
    }

    private String mend(int times) {
        List<Integer> near = new ArrayList<>();
        for (int other : List.of(times - 1, times + 1)) {
            if (other > 0 && fits(figure, unit, other)) {
                near.add(other);
            }
        }
        String parity = FigureSentences.takeNoWeightOnRowOf((unit.man().last() + 1));
        return near.isEmpty()
                ? parity
                : FigureSentences.danceItTimesOr(near.get(0), near.size() > 1 ? " or " + near.get(1) : "", parity);
    }

    private Figure times(int times) {
        Beats unitLength = unitLength(Part.MAN);
        Beats length = figure.length().plus(unitLength.times(times - 1));
        return figure.withCharts(chart(Part.MAN, times), chart(Part.LADY, times))
                .withLength(length)
                .withVariants(figure.variants().ofOtherRows());
    }

    private Timing timing(Part part) {
        return figure.timing(part);
    }

    private Beats unitLength(Part part) {
        List<Slot> slots = timing(part).slots();
        Rows rows = unit.rows(part);
        return slots.get(rows.last()).end().minus(slots.get(rows.first()).onset());
    }

    private Chart chart(Part part, int times) {
        Timing timing = timing(part);
        Rows rows = unit.rows(part);
        Beats unitLength = unitLength(part);
        List<CountToken> tokens = new ArrayList<>();
        List<Beats> onsets = new ArrayList<>();
        for (int row = 0; row < rows.first(); row++) {
            tokens.add(timing.slots().get(row).token());
            onsets.add(timing.slots().get(row).onset());
        }
        for (int repeat = 0; repeat < times; repeat++) {
            for (int row = rows.first(); row <= rows.last(); row++) {
                tokens.add(timing.slots().get(row).token());
                onsets.add(timing.slots().get(row).onset().plus(unitLength.times(repeat)));
            }
        }
        for (int row = rows.last() + 1; row < timing.slots().size(); row++) {
            tokens.add(timing.slots().get(row).token());
            onsets.add(timing.slots().get(row).onset().plus(unitLength.times(times - 1)));
        }
        List<CountToken> said = timing.resaid(tokens, onsets, timing.length().plus(unitLength.times(times - 1)))
                .tokens();
        List<Step> steps = rows(part, times);
        List<Step> counted = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            counted.add(steps.get(i).withCount(said.get(i)));
        }
        return new Chart(part, counted);
    }

    private List<Step> rows(Part part, int times) {
        List<Step> charted = figure.chart(part).steps();
        Rows rows = unit.rows(part);
        TurnAccount account = figure.chart(part).turnAccount();
        boolean alternates = alternates(figure, unit, part);
        Heading before = account.entries().get(rows.first()).before();
        Heading after = account.entries().get(rows.last()).after();
        Turn net = new Turn(after.sixteenths() - before.sixteenths());
        List<Step> steps = new ArrayList<>(charted.subList(0, rows.first()));
        Heading now = before;
        for (int repeat = 0; repeat < times; repeat++) {
            boolean mirrored = alternates && repeat % 2 == 1;
            Heading written = mirrored ? before.mirrored() : before;
            Turn by = new Turn(now.sixteenths() - written.sixteenths());
            for (int row = rows.first(); row <= rows.last(); row++) {
                steps.add((mirrored ? charted.get(row).mirrored() : charted.get(row)).turned(by));
            }
            now = now.plus(mirrored ? net.mirrored() : net);
        }
        Turn by = new Turn(now.sixteenths() - after.sixteenths());
        charted.subList(rows.last() + 1, charted.size()).forEach(step -> steps.add(step.turned(by)));
        return steps;
    }
}
