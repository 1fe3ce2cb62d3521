package fluidframe.core.figure;

import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.BodyTurn;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepTurn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The running account of one part's turn. After each row the foot is where it was, plus the turn made between the two
 * steps; a stated alignment must say the same; then the turn made on the foot is added. Where they disagree the account
 * goes on from the stated alignment, so that one slip is reported once.
 *
 * @param start where the dancer looks before the first row
 * @param entries one for each row
 */
public record TurnAccount(Heading start, List<Entry> entries) {

    /**
     * One row of the account.
     *
     * @param before foot before the row
     * @param between turn between the previous step and this one
     * @param reckoned foot as the turn puts it
     * @param stated alignment the chart states, if any
     * @param on turn on the foot after it is placed
     * @param after foot at the end of the row
     * @param body body at the end of the row
     */
    public record Entry(
            Heading before,
            Turn between,
            Heading reckoned,
            Optional<Alignment> stated,
            Turn on,
            Heading after,
            Heading body) {

        /** Where the foot is placed: as stated, or as reckoned where nothing is stated. */
        public Heading placed() {
            return stated.map(Alignment::foot).orElse(reckoned);
        }

        public boolean agrees() {
            return placed().equals(reckoned);
        }
    }

    public TurnAccount {
        entries = List.copyOf(entries);
    }

    static TurnAccount of(Chart chart) {
        Heading start = start(chart);
        List<Entry> entries = new ArrayList<>();
        Heading foot = start;
        Heading body = start;
        for (Step step : chart.steps()) {
            Heading reckoned = foot.plus(step.turn().between());
            Heading placed = step.alignment().map(Alignment::foot).orElse(reckoned);
            Heading after = placed.plus(step.turn().on());
            body = body(step, after, body);
            entries.add(new Entry(
                    foot,
                    step.turn().between(),
                    reckoned,
                    step.alignment(),
                    step.turn().on(),
                    after,
                    body));
            foot = after;
        }
        return new TurnAccount(start, entries);
    }

    /** The first stated alignment, counted back over the turns before it; the line of dance where none is stated. */
    private static Heading start(Chart chart) {
        Turn soFar = Turn.NONE;
        for (Step step : chart.steps()) {
            soFar = soFar.plus(step.turn().between());
            if (step.alignment().isPresent()) {
                return step.alignment().get().foot().minus(soFar);
            }
            soFar = soFar.plus(step.turn().on());
        }
        return Heading.LINE_OF_DANCE;
    }

    private static Heading body(Step step, Heading foot, Heading body) {
        StepTurn turn = step.turn();
        if (turn.body() instanceof BodyTurn.Less less) {
            return foot.minus(lag(turn.between(), less.by()));
        }
        if (turn.body() instanceof BodyTurn.Turns turns) {
            return body.plus(turns.turn());
        }
        boolean pointing =
                step.alignment().filter(Alignment.Pointing.class::isInstance).isPresent();
        return pointing && turn.body() instanceof BodyTurn.Follows
                ? foot.minus(lag(turn.between(), BodyTurn.USUALLY_LESS))
                : foot;
    }

    private static Turn lag(Turn between, Turn by) {
        int size = Math.min(by.size(), between.size());
        return new Turn(Integer.signum(between.sixteenths()) * size);
    }

    /** Where the dancer looks at the end. */
    public Heading end() {
        return entries.isEmpty() ? start : entries.get(entries.size() - 1).body();
    }

    /** All stated turns added up. */
    public Turn net() {
        return entries.stream().map(entry -> entry.between().plus(entry.on())).reduce(Turn.NONE, Turn::plus);
    }
}
