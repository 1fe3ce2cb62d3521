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

    private static final String ANY_FIGURE = LinkSentences.theNextFigure();

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
                foot(Aspect.MAN_FREE_FOOT, LinkSentences.heHasHis(), exit.manFree(), entry.manFree()),
                foot(Aspect.LADY_FREE_FOOT, LinkSentences.sheHasHer(), exit.ladyFree(), entry.ladyFree()),
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
                        ? given == Foot.BOTH ? LinkSentences.theWeightIsOnBothFeet() : free + "."
                        : LinkSentences.andNeedsThe(free, next, needed.wording()));
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
            return LinkSentences.theDanceStaysOnTheSpot();
        }
        Heading given = exit.facing();
        Heading nearest = entry.nearestTo(given);
        Turn off = given.turnTo(nearest);
        String faces = LinkSentences.heIsFacing(given.wording());
        if (off.isNone()) {
            return LinkSentences.asBegins(faces, next);
        }
        String away = LinkSentences.furtherToThe(
                off.spokenSize(), off.side().orElseThrow().wording());
        return switch (outcome) {
            case HOLDS -> LinkSentences.andBeginsFacingItIsCurved(faces, next, nearest.wording(), off.spokenSize());
            case BENDS -> LinkSentences.andBeginsFacingTurn(faces, next, nearest.wording(), away);
            case BREAKS -> LinkSentences.andBeginsFacing(faces, next, nearest.wording(), away);
        };
    }

    private Comparison position() {
        Position given = exit.relation().position();
        Position needed = entry.relation().position();
        Outcome outcome = Fit.position(exit, entry);
        String reason = switch (outcome) {
            case HOLDS ->
                given == needed
                        ? LinkSentences.theyAreIn(given.wording())
                        : Fit.drawsApart(exit, entry)
                                ? LinkSentences.theyDrawApartWithTheFirst(given.wording(), needed.wording())
                                : LinkSentences.theyAreInClosedHold();
            case BENDS -> LinkSentences.theyAreInAndBeginsIn(given.wording(), next, needed.wording());
            case BREAKS -> LinkSentences.theyAreInAndBeginsInThere(given.wording(), next, needed.wording());
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
                        ? LinkSentences.theyStay(given)
                        : entry.line() == Line.IN_LINE
                                ? LinkSentences.theNextStepComesBackIn()
                                : LinkSentences.theLastStepMakesRoomFor();
            case BENDS -> LinkSentences.theyAreSquareInLineAnd(next, needed);
            case BREAKS -> LinkSentences.theyAreAndStepsAStep(given, next, needed);
        };
        return new Comparison(Aspect.LINE, given, needed, outcome, reason);
    }

    private Comparison hold() {
        Hold given = exit.relation().hold();
        Hold needed = entry.relation().hold();
        Outcome outcome = Fit.hold(exit, entry);
        String reason = switch (outcome) {
            case HOLDS ->
                given == needed ? LinkSentences.theyAreIn2(named(given)) : LinkSentences.hisLeftHandKeepsHerRight();
            case BENDS -> LinkSentences.theyAreInAndNeedsOne(named(given), next, named(needed));
            case BREAKS -> LinkSentences.theyAreInAndNeedsBoth(named(given), next, named(needed));
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
                outcome == Outcome.HOLDS ? LinkSentences.theyAre(given) : LinkSentences.theyAreStillUpAndLeads(next));
    }

    private Comparison travel() {
        Outcome outcome = Fit.travel(exit, entry);
        return new Comparison(
                Aspect.TRAVEL,
                exit.travel().wording(),
                entry.travel().wording(),
                outcome,
                outcome == Outcome.HOLDS
                        ? LinkSentences.theMovementGoesOn()
                        : LinkSentences.heIsMovingAndGoesCheck(
                                exit.travel().wording(), next, entry.travel().wording()));
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
                        ? LinkSentences.itBeginsOnBeat(beat)
                        : LinkSentences.itWouldBeginOnBeatAnd(beat, next, needed));
    }

    private static Comparison neighbours(Figure from, Figure to, Conditions conditions) {
        Outcome outcome = Fit.neighbours(from, to, conditions);
        String reason = !from.neighbours().bind() || !to.neighbours().bind()
                ? LinkSentences.anElementMayStandBesideAny()
                : Neighbours.areListed(from, to)
                        ? LinkSentences.theSyllabusListsOneAfterThe()
                        : outcome == Outcome.HOLDS
                                ? LinkSentences.neitherFigureListsItsNeighbours()
                                : LinkSentences.theSyllabusDoesNotListThe(to.title(), from.title());
        return new Comparison(Aspect.NEIGHBOURS, from.title(), to.title(), outcome, reason);
    }

    private static Comparison level(Figure to, Conditions conditions) {
        Outcome outcome = Fit.level(to, conditions);
        return new Comparison(
                Aspect.LEVEL,
                to.level().shorthand(),
                LinkSentences.upTo(conditions.highest()),
                outcome,
                outcome == Outcome.HOLDS
                        ? LinkSentences.theIs(to.title(), to.level())
                        : LinkSentences.theIsAbove(to.title(), to.level(), conditions.highest()));
    }
}
