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

/** Compares how one figure leaves the couple with how the next one needs them, and says so as a coach would. */
public final class Link {

    private static final String ANY_FIGURE = "the next figure";

    private final ExitState exit;
    private final EntryState entry;
    private final String next;

    private Link(ExitState exit, EntryState entry, String next) {
        this.exit = exit;
        this.entry = entry;
        this.next = next;
    }

    /** The verdict on a link along one side of the room, or round a corner if the exit was re-read for it. */
    public static Verdict between(ExitState exit, EntryState entry) {
        return Verdict.of(new Link(exit, entry, ANY_FIGURE).bodies());
    }

    /** The same, with what the syllabus says about the two figures under the routine's conditions. */
    public static Verdict between(ExitState exit, EntryState entry, Figure from, Figure to, Conditions conditions) {
        List<Comparison> comparisons = new ArrayList<>(new Link(exit, entry, "the " + to.title()).bodies());
        comparisons.add(neighbours(from, to, conditions));
        comparisons.add(level(to, conditions));
        return Verdict.of(comparisons);
    }

    private List<Comparison> bodies() {
        return List.of(
                foot(Aspect.MAN_FREE_FOOT, "He has his", exit.manFree(), entry.manFree()),
                foot(Aspect.LADY_FREE_FOOT, "She has her", exit.ladyFree(), entry.ladyFree()),
                alignment(),
                position(),
                line(),
                hold(),
                height(),
                travel(),
                beat());
    }

    private Comparison foot(Aspect aspect, String has, Foot given, Foot needed) {
        Outcome outcome = Fit.foot(given, needed);
        String free = has + " " + given.wording() + " free";
        return new Comparison(
                aspect,
                given.shorthand(),
                needed.shorthand(),
                outcome,
                outcome == Outcome.HOLDS
                        ? given == Foot.BOTH ? "The weight is on both feet; either may begin." : free + "."
                        : free + ", and " + next + " needs the " + needed.wording() + ".");
    }

    private Comparison alignment() {
        Outcome outcome = Fit.alignment(exit, entry);
        String needed = entry.loose()
                ? "any"
                : entry.facings().stream().map(Heading::toString).collect(Collectors.joining(" or "));
        return new Comparison(Aspect.ALIGNMENT, exit.facing().toString(), needed, outcome, alignmentReason(outcome));
    }

    private String alignmentReason(Outcome outcome) {
        if (entry.loose()) {
            return "The dance stays on the spot, so any alignment will do.";
        }
        Heading given = exit.facing();
        Heading nearest = entry.nearestTo(given);
        Turn off = given.turnTo(nearest);
        String faces = "He is facing " + given.wording();
        if (off.isNone()) {
            return faces + ", as " + next + " begins.";
        }
        String away =
                off.spokenSize() + " further to the " + off.side().orElseThrow().wording();
        return switch (outcome) {
            case HOLDS ->
                faces + ", and " + next + " begins facing " + nearest.wording() + ": it is curved by "
                        + off.spokenSize() + ".";
            case BENDS -> faces + ", and " + next + " begins facing " + nearest.wording() + ": turn " + away + ".";
            case BREAKS -> faces + ", and " + next + " begins facing " + nearest.wording() + ", " + away + ".";
        };
    }

    private Comparison position() {
        Position given = exit.relation().position();
        Position needed = entry.relation().position();
        Outcome outcome = Fit.position(exit, entry);
        String reason = switch (outcome) {
            case HOLDS ->
                given == needed
                        ? "They are in " + given.wording() + "."
                        : Fit.drawsApart(exit, entry)
                                ? "They draw apart with the first step, so they may stand " + given.wording()
                                        + " as well as " + needed.wording() + "."
                                : "They are in closed hold.";
            case BENDS ->
                "They are in " + given.wording() + ", and " + next + " begins in " + needed.wording()
                        + ": draw nearer or apart on the first step.";
            case BREAKS ->
                "They are in " + given.wording() + ", and " + next + " begins in " + needed.wording()
                        + "; there is no way without a step.";
        };
        return new Comparison(Aspect.POSITION, given.shorthand(), needed.shorthand(), outcome, reason);
    }

    private Comparison line() {
        Outcome outcome = Fit.line(exit, entry);
        String given = exit.line().wording();
        String needed = entry.line().wording();
        String reason = switch (outcome) {
            case HOLDS ->
                exit.line() == entry.line()
                        ? "They stay " + given + "."
                        : entry.line() == Line.IN_LINE
                                ? "The next step comes back in line."
                                : "The last step makes room for the step outside partner.";
            case BENDS ->
                "They are square in line, and " + next + " steps " + needed
                        + ": lead with a side or turn a little to make room.";
            case BREAKS ->
                "They are " + given + ", and " + next + " steps " + needed + "; a step in line has to come between.";
        };
        return new Comparison(Aspect.LINE, given, needed, outcome, reason);
    }

    private Comparison hold() {
        Hold given = exit.relation().hold();
        Hold needed = entry.relation().hold();
        Outcome outcome = Fit.hold(exit, entry);
        String reason = switch (outcome) {
            case HOLDS ->
                given == needed
                        ? "They are in " + named(given) + "."
                        : "His left hand keeps her right as they draw apart.";
            case BENDS ->
                "They are in " + named(given) + ", and " + next + " needs " + named(needed) + ": one hand changes.";
            case BREAKS ->
                "They are in " + named(given) + ", and " + next + " needs " + named(needed)
                        + "; both hands would change at once.";
        };
        return new Comparison(Aspect.HOLD, given.shorthand(), needed.shorthand(), outcome, reason);
    }

    private static String named(Hold hold) {
        return hold.wording();
    }

    private Comparison height() {
        Outcome outcome = Fit.height(exit, entry);
        String given = exit.up() ? "up" : "lowered";
        return new Comparison(
                Aspect.HEIGHT,
                given,
                entry.heelLeads() ? "lowered" : "any",
                outcome,
                outcome == Outcome.HOLDS
                        ? "They are " + given + "."
                        : "They are still up, and " + next + " leads with a heel: lower first.");
    }

    private Comparison travel() {
        Outcome outcome = Fit.travel(exit, entry);
        return new Comparison(
                Aspect.TRAVEL,
                exit.travel().wording(),
                entry.travel().wording(),
                outcome,
                outcome == Outcome.HOLDS
                        ? "The movement goes on."
                        : "He is moving " + exit.travel().wording() + ", and " + next + " goes "
                                + entry.travel().wording() + ": check, turn or close the feet first.");
    }

    private Comparison beat() {
        Outcome outcome = Fit.beat(exit.beat(), entry);
        Rhythm rhythm = entry.rhythm();
        Beats given = exit.beat();
        String needed = entry.beat()
                .map(beat -> String.valueOf(rhythm.beatOfBar(beat)))
                .orElseGet(
                        () -> rhythm.startBeats().stream().map(String::valueOf).collect(Collectors.joining(" or ")));
        String beat = given.fraction().equals(Beats.ZERO)
                ? String.valueOf(rhythm.beatOfBar(given))
                : given.fraction() + " after " + rhythm.beatOfBar(given);
        return new Comparison(
                Aspect.BEAT,
                beat,
                needed,
                outcome,
                outcome == Outcome.HOLDS
                        ? "It begins on beat " + beat + "."
                        : "It would begin on beat " + beat + ", and " + next + " begins on beat " + needed + ".");
    }

    private static Comparison neighbours(Figure from, Figure to, Conditions conditions) {
        Outcome outcome = Fit.neighbours(from, to, conditions);
        String reason = !from.neighbours().bind() || !to.neighbours().bind()
                ? "An element may stand beside any figure."
                : Neighbours.areListed(from, to)
                        ? "The syllabus lists one after the other."
                        : outcome == Outcome.HOLDS
                                ? "Neither figure lists its neighbours."
                                : "The syllabus does not list the " + to.title() + " after the " + from.title() + ".";
        return new Comparison(Aspect.NEIGHBOURS, from.title(), to.title(), outcome, reason);
    }

    private static Comparison level(Figure to, Conditions conditions) {
        Outcome outcome = Fit.level(to, conditions);
        return new Comparison(
                Aspect.LEVEL,
                to.level().shorthand(),
                "up to " + conditions.highest(),
                outcome,
                outcome == Outcome.HOLDS
                        ? "The " + to.title() + " is " + to.level() + "."
                        : "The " + to.title() + " is " + to.level() + ", above " + conditions.highest() + ".");
    }
}
