package fluidframe.core.link;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import java.util.EnumSet;
import java.util.Set;

/** How each compared thing fits, without words; searches ask it millions of times, verdicts once. */
final class Fit {

    /**
     * An alignment off by no more than this, an eighth of a turn, can still be mended by turning a little more or less.
     */
    private static final int BENDING_TURN = 2;

    private Fit() {}

    static Outcome of(ExitState exit, EntryState entry) {
        Outcome outcome = foot(exit.manFree(), entry.manFree()).worse(foot(exit.ladyFree(), entry.ladyFree()));
        if (outcome == Outcome.BREAKS) {
            return outcome;
        }
        outcome = outcome.worse(position(exit, entry))
                .worse(alignment(exit, entry))
                .worse(line(exit, entry));
        if (outcome == Outcome.BREAKS) {
            return outcome;
        }
        return outcome.worse(hold(exit, entry))
                .worse(height(exit, entry))
                .worse(travel(exit, entry))
                .worse(beat(exit.beat(), entry));
    }

    static Outcome foot(Foot given, Foot needed) {
        return given.serves(needed) ? Outcome.HOLDS : Outcome.BREAKS;
    }

    /** Nearest to where the figure may begin; a figure that may be curved is curved. */
    static Outcome alignment(ExitState exit, EntryState entry) {
        if (entry.loose()) {
            return Outcome.HOLDS;
        }
        int off = exit.facing().turnTo(entry.nearestTo(exit.facing())).size();
        return off <= Math.max(exit.curve(), entry.curve())
                ? Outcome.HOLDS
                : off <= BENDING_TURN ? Outcome.BENDS : Outcome.BREAKS;
    }

    static Outcome position(ExitState exit, EntryState entry) {
        Position given = exit.relation().position();
        Position needed = entry.relation().position();
        if (given == needed || given.isClosedHold() && needed.isClosedHold() || drawsApart(exit, entry)) {
            return Outcome.HOLDS;
        }
        boolean near = given.facing().equals(needed.facing())
                && given.nearest() <= needed.farthest()
                && needed.nearest() <= given.farthest()
                && given.ladyFromMan().y() * needed.ladyFromMan().y() >= 0;
        return near ? Outcome.BENDS : Outcome.BREAKS;
    }

    /**
     * A figure that opens the couple on its first step begins as well at arm's length as close, as long as his left
     * hand keeps her right.
     */
    static boolean drawsApart(ExitState exit, EntryState entry) {
        Set<Position> facing = EnumSet.of(Position.CLOSED_FACING, Position.OPEN_FACING);
        return entry.opens()
                && facing.contains(exit.relation().position())
                && facing.contains(entry.relation().position())
                && exit.relation().hold().has(Hold.Contact.LEFT_TO_RIGHT)
                && entry.relation().hold().has(Hold.Contact.LEFT_TO_RIGHT);
    }

    /**
     * From in line to outside only where something makes room; from one side to the other not in one step. Outside to
     * in line is the next step's own matter.
     */
    static Outcome line(ExitState exit, EntryState entry) {
        boolean closed = exit.relation().position().isClosedHold()
                && entry.relation().position().isClosedHold();
        if (!closed || entry.line() == Line.IN_LINE || exit.line() == entry.line()) {
            return Outcome.HOLDS;
        }
        return exit.line() != Line.IN_LINE
                ? Outcome.BREAKS
                : exit.room() || entry.turns() ? Outcome.HOLDS : Outcome.BENDS;
    }

    static Outcome hold(ExitState exit, EntryState entry) {
        int hands = exit.relation().hold().handsTo(entry.relation().hold());
        return hands == 0 || drawsApart(exit, entry) ? Outcome.HOLDS : hands == 1 ? Outcome.BENDS : Outcome.BREAKS;
    }

    static Outcome height(ExitState exit, EntryState entry) {
        return exit.up() && entry.heelLeads() ? Outcome.BREAKS : Outcome.HOLDS;
    }

    /**
     * Who has gone back cannot go forward with the next step, nor the other way round, while they face each other as
     * before: a check, a turn, a closed foot or a step outside partner has to come between.
     */
    static Outcome travel(ExitState exit, EntryState entry) {
        boolean turnedAbout = !exit.relation()
                .position()
                .facing()
                .equals(entry.relation().position().facing());
        boolean reverses = exit.travel().reverses(entry.travel())
                && !exit.checked()
                && !entry.turns()
                && !entry.loose()
                && !turnedAbout
                && entry.line() == Line.IN_LINE;
        return reverses ? Outcome.BENDS : Outcome.HOLDS;
    }

    static Outcome beat(Beats given, EntryState entry) {
        boolean agrees = entry.beat().isPresent()
                ? entry.beat().get().equals(given)
                : entry.rhythm().mayStartAt(given);
        return agrees ? Outcome.HOLDS : Outcome.BREAKS;
    }

    static Outcome neighbours(Figure from, Figure to, Conditions conditions) {
        if (Neighbours.areListed(from, to)
                || !from.neighbours().bind()
                || !to.neighbours().bind()) {
            return Outcome.HOLDS;
        }
        boolean lists = !from.neighbours().precedes().isEmpty()
                || !to.neighbours().follows().isEmpty();
        return conditions.syllabus() ? Outcome.BREAKS : lists ? Outcome.BENDS : Outcome.HOLDS;
    }

    static Outcome level(Figure to, Conditions conditions) {
        return to.level().compareTo(conditions.highest()) <= 0 ? Outcome.HOLDS : Outcome.BREAKS;
    }
}
