package fluidframe.core.link;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Compares how one figure leaves the couple with how the next one needs them, and says so. */
public final class Link {

    private Link() {
    }

    /** The verdict on a link along one side of the room, or round a corner if the exit was re-read for it. */
    public static Verdict between(ExitState exit, EntryState entry) {
        return Verdict.of(bodies(exit, entry));
    }

    /** The same, with what the syllabus says about the two figures under the routine's conditions. */
    public static Verdict between(ExitState exit, EntryState entry, Figure from, Figure to, Conditions conditions) {
        List<Comparison> comparisons = new ArrayList<>(bodies(exit, entry));
        comparisons.add(neighbours(from, to, conditions));
        comparisons.add(level(to, conditions));
        return Verdict.of(comparisons);
    }

    private static List<Comparison> bodies(ExitState exit, EntryState entry) {
        return List.of(
                foot(Aspect.MAN_FREE_FOOT, exit.manFree(), entry.manFree()),
                foot(Aspect.LADY_FREE_FOOT, exit.ladyFree(), entry.ladyFree()),
                alignment(exit.facing(), entry),
                position(exit.relation().position(), entry.relation().position()),
                hold(exit.relation().hold(), entry.relation().hold()),
                height(exit, entry), travel(exit, entry), beat(exit.beat(), entry));
    }

    private static Comparison foot(Aspect aspect, Foot given, Foot needed) {
        Outcome outcome = Fit.foot(given, needed);
        return new Comparison(aspect, given.shorthand(), needed.shorthand(), outcome, outcome == Outcome.HOLDS ? given.shorthand() + " is free."
                : given + " is free, but the next figure starts with " + needed + ", which carries the weight.");
    }

    private static Comparison alignment(Heading given, EntryState entry) {
        Outcome outcome = Fit.alignment(given, entry);
        String needed = entry.loose() ? "any" : entry.facings().stream().map(Heading::toString).collect(Collectors.joining(" or "));
        return new Comparison(Aspect.ALIGNMENT, given.toString(), needed, outcome, alignmentReason(given, entry, outcome));
    }

    private static String alignmentReason(Heading given, EntryState entry, Outcome outcome) {
        if (entry.loose()) {
            return "The dance stays on the spot, so any alignment will do.";
        }
        if (outcome == Outcome.HOLDS) {
            return "The man faces " + given.wording() + ", as it must start.";
        }
        Turn off = given.turnTo(entry.nearestTo(given));
        return "The man faces " + given.wording() + "; the nearest start is " + off.sizeText() + " of a turn to the "
                + off.side().orElseThrow().wording() + ", facing " + entry.nearestTo(given).wording()
                + (outcome == Outcome.BENDS ? ": turn that much more." : ".");
    }

    private static Comparison position(Position given, Position needed) {
        Outcome outcome = Fit.position(given, needed);
        String reason = switch (outcome) {
            case HOLDS -> given == needed ? "Both in " + given.wording() + "." : "In closed hold; in line or outside is a matter of the step.";
            case BENDS -> "From " + given.wording() + " to " + needed.wording() + " the couple only draw nearer or apart in the first step.";
            case BREAKS -> "From " + given.wording() + " to " + needed.wording() + " there is no way without a step.";
        };
        return new Comparison(Aspect.POSITION, given.shorthand(), needed.shorthand(), outcome, reason);
    }

    private static Comparison hold(Hold given, Hold needed) {
        Outcome outcome = Fit.hold(given, needed);
        String reason = switch (outcome) {
            case HOLDS -> "Both in " + given.wording() + ".";
            case BENDS -> "One hand changes: " + given.wording() + " to " + needed.wording() + ".";
            case BREAKS -> "Both hands change at once: " + given.wording() + " to " + needed.wording() + ".";
        };
        return new Comparison(Aspect.HOLD, given.shorthand(), needed.shorthand(), outcome, reason);
    }

    private static Comparison height(ExitState exit, EntryState entry) {
        Outcome outcome = Fit.height(exit, entry);
        String given = exit.up() ? "up" : "lowered";
        return new Comparison(Aspect.HEIGHT, given, entry.heelLeads() ? "lowered" : "any", outcome, outcome == Outcome.HOLDS
                ? "The couple are " + given + "." : "The couple are still up; the next figure leads with the heel and needs them lowered.");
    }

    private static Comparison travel(ExitState exit, EntryState entry) {
        Outcome outcome = Fit.travel(exit, entry);
        return new Comparison(Aspect.TRAVEL, exit.travel().wording(), entry.travel().wording(), outcome, outcome == Outcome.HOLDS
                ? "The movement goes on."
                : "He moves " + exit.travel().wording() + " and would have to go " + entry.travel().wording() + " without a check or a turn.");
    }

    private static Comparison beat(Beats given, EntryState entry) {
        Outcome outcome = Fit.beat(given, entry);
        Rhythm rhythm = entry.rhythm();
        String needed = entry.beat().map(beat -> String.valueOf(rhythm.beatOfBar(beat)))
                .orElseGet(() -> rhythm.startBeats().stream().map(String::valueOf).collect(Collectors.joining(" or ")));
        String beat = given.fraction().equals(Beats.ZERO) ? String.valueOf(rhythm.beatOfBar(given))
                : given.fraction() + " after " + rhythm.beatOfBar(given);
        return new Comparison(Aspect.BEAT, beat, needed, outcome, outcome == Outcome.HOLDS ? "It begins on beat " + beat + "."
                : "The next figure would begin on beat " + beat + "; it starts on " + needed + ".");
    }

    private static Comparison neighbours(Figure from, Figure to, Conditions conditions) {
        Outcome outcome = Fit.neighbours(from, to, conditions);
        String reason = !from.neighbours().bind() || !to.neighbours().bind() ? "An element may stand beside any figure."
                : Neighbours.areListed(from, to) ? "The syllabus lists one after the other."
                : outcome == Outcome.HOLDS ? "Neither figure lists its neighbours." : "The syllabus does not list " + to.title() + " after " + from.title() + ".";
        return new Comparison(Aspect.NEIGHBOURS, from.title(), to.title(), outcome, reason);
    }

    private static Comparison level(Figure to, Conditions conditions) {
        Outcome outcome = Fit.level(to, conditions);
        return new Comparison(Aspect.LEVEL, to.level().shorthand(), "up to " + conditions.highest(), outcome, outcome == Outcome.HOLDS
                ? to.title() + " is " + to.level() + "." : to.title() + " is " + to.level() + ", above " + conditions.highest() + ".");
    }
}
