package fluidframe.core.link;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;

/** How each compared thing fits, without words; searches ask it millions of times, verdicts once. */
final class Fit {

    /** An alignment off by no more than this, an eighth of a turn, can still be mended by turning a little more or less. */
    private static final int BENDING_TURN = 2;

    private Fit() {
    }

    static Outcome of(ExitState exit, EntryState entry) {
        Outcome outcome = foot(exit.manFree(), entry.manFree()).worse(foot(exit.ladyFree(), entry.ladyFree()));
        if (outcome == Outcome.BREAKS) {
            return outcome;
        }
        outcome = outcome.worse(position(exit.relation().position(), entry.relation().position())).worse(alignment(exit.facing(), entry));
        if (outcome == Outcome.BREAKS) {
            return outcome;
        }
        return outcome.worse(hold(exit.relation().hold(), entry.relation().hold())).worse(height(exit, entry)).worse(travel(exit, entry))
                .worse(beat(exit.beat(), entry));
    }

    static Outcome foot(Foot given, Foot needed) {
        return given == needed || given == Foot.BOTH || needed == Foot.BOTH ? Outcome.HOLDS : Outcome.BREAKS;
    }

    static Outcome alignment(Heading given, EntryState entry) {
        if (entry.loose()) {
            return Outcome.HOLDS;
        }
        int off = given.turnTo(entry.nearestTo(given)).size();
        return off == 0 ? Outcome.HOLDS : off <= BENDING_TURN ? Outcome.BENDS : Outcome.BREAKS;
    }

    static Outcome position(Position given, Position needed) {
        if (given == needed || given.isClosedHold() && needed.isClosedHold()) {
            return Outcome.HOLDS;
        }
        boolean near = given.facing().equals(needed.facing()) && given.nearest() <= needed.farthest() && needed.nearest() <= given.farthest()
                && given.ladyFromMan().y() * needed.ladyFromMan().y() >= 0;
        return near ? Outcome.BENDS : Outcome.BREAKS;
    }

    static Outcome hold(Hold given, Hold needed) {
        int hands = given.handsTo(needed);
        return hands == 0 ? Outcome.HOLDS : hands == 1 ? Outcome.BENDS : Outcome.BREAKS;
    }

    static Outcome height(ExitState exit, EntryState entry) {
        return exit.up() && entry.heelLeads() ? Outcome.BREAKS : Outcome.HOLDS;
    }

    static Outcome travel(ExitState exit, EntryState entry) {
        boolean reverses = exit.travel().reverses(entry.travel()) && !exit.checked() && !entry.turns() && !entry.loose();
        return reverses ? Outcome.BENDS : Outcome.HOLDS;
    }

    static Outcome beat(Beats given, EntryState entry) {
        boolean agrees = entry.beat().isPresent() ? entry.beat().get().equals(given) : entry.rhythm().mayStartAt(given);
        return agrees ? Outcome.HOLDS : Outcome.BREAKS;
    }

    static Outcome neighbours(Figure from, Figure to, Conditions conditions) {
        if (Neighbours.areListed(from, to) || !from.neighbours().bind() || !to.neighbours().bind()) {
            return Outcome.HOLDS;
        }
        boolean lists = !from.neighbours().precedes().isEmpty() || !to.neighbours().follows().isEmpty();
        return conditions.syllabus() ? Outcome.BREAKS : lists ? Outcome.BENDS : Outcome.HOLDS;
    }

    static Outcome level(Figure to, Conditions conditions) {
        return to.level().compareTo(conditions.highest()) <= 0 ? Outcome.HOLDS : Outcome.BREAKS;
    }
}
