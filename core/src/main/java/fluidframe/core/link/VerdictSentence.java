package fluidframe.core.link;

import fluidframe.core.couple.Hold;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import java.util.Optional;
import java.util.stream.Collectors;

/** Says of a verdict why one figure may follow another or not, as a coach would. */
public final class VerdictSentence {

    private final String next;

    private VerdictSentence(Verdict verdict) {
        this.next = verdict.next().map(LinkSentences::theFigure).orElseGet(LinkSentences::theNextFigure);
    }

    /** What a coach would say of it aloud: the first thing that breaks it, else the first that bends it. */
    public static String of(Verdict verdict) {
        return verdict.outcome() == Outcome.HOLDS
                ? LinkSentences.itFollowsAsItIs()
                : why(verdict, verdict.outcome()).orElseThrow();
    }

    /** The reason of the first thing that fits only like this. */
    public static Optional<String> why(Verdict verdict, Outcome outcome) {
        return verdict.first(outcome).map(comparison -> reason(verdict, comparison));
    }

    /** Why one thing of a verdict fits or not, in one plain sentence. */
    public static String reason(Verdict verdict, Comparison comparison) {
        return new VerdictSentence(verdict).say(comparison);
    }

    /** What the first figure gives, in a word or two. */
    public static String given(Comparison comparison) {
        if (comparison instanceof Comparison.FreeFoot foot) {
            return foot.given().shorthand();
        }
        if (comparison instanceof Comparison.Facing facing) {
            return facing.given().toString();
        }
        if (comparison instanceof Comparison.InPosition position) {
            return position.given().shorthand();
        }
        if (comparison instanceof Comparison.InLine line) {
            return line.given().wording();
        }
        if (comparison instanceof Comparison.Holding hold) {
            return hold.given().shorthand();
        }
        if (comparison instanceof Comparison.Raised raised) {
            return height(raised.up());
        }
        if (comparison instanceof Comparison.Moving moving) {
            return moving.given().wording();
        }
        if (comparison instanceof Comparison.OnBeat beat) {
            return beat(beat.given(), beat.rhythm());
        }
        if (comparison instanceof Comparison.Listed listed) {
            return listed.from();
        }
        return ((Comparison.OfLevel) comparison).given().shorthand();
    }

    /** What the second figure needs, in a word or two. */
    public static String needed(Comparison comparison) {
        if (comparison instanceof Comparison.FreeFoot foot) {
            return foot.needed().shorthand();
        }
        if (comparison instanceof Comparison.Facing facing) {
            return facing.needed().isEmpty()
                    ? LinkSentences.any()
                    : facing.needed().stream().map(Heading::toString).collect(Collectors.joining(LinkSentences.or()));
        }
        if (comparison instanceof Comparison.InPosition position) {
            return position.needed().shorthand();
        }
        if (comparison instanceof Comparison.InLine line) {
            return line.needed().wording();
        }
        if (comparison instanceof Comparison.Holding hold) {
            return hold.needed().shorthand();
        }
        if (comparison instanceof Comparison.Raised raised) {
            return raised.heelLeads() ? height(false) : LinkSentences.any();
        }
        if (comparison instanceof Comparison.Moving moving) {
            return moving.needed().wording();
        }
        if (comparison instanceof Comparison.OnBeat beat) {
            return beats(beat);
        }
        if (comparison instanceof Comparison.Listed listed) {
            return listed.to();
        }
        return LinkSentences.upTo(((Comparison.OfLevel) comparison).needed());
    }

    private String say(Comparison comparison) {
        if (comparison instanceof Comparison.FreeFoot foot) {
            return foot(foot);
        }
        if (comparison instanceof Comparison.Facing facing) {
            return facing(facing);
        }
        if (comparison instanceof Comparison.InPosition position) {
            return position(position);
        }
        if (comparison instanceof Comparison.InLine line) {
            return line(line);
        }
        if (comparison instanceof Comparison.Holding holding) {
            return hold(holding);
        }
        if (comparison instanceof Comparison.Raised raised) {
            return raised.outcome() == Outcome.HOLDS
                    ? LinkSentences.theyAre(height(raised.up()))
                    : LinkSentences.theyAreStillUpAndLeads(next);
        }
        if (comparison instanceof Comparison.Moving moving) {
            return moving.outcome() == Outcome.HOLDS
                    ? LinkSentences.theMovementGoesOn()
                    : LinkSentences.heIsMovingAndGoesCheck(
                            moving.given().wording(), next, moving.needed().wording());
        }
        if (comparison instanceof Comparison.OnBeat beat) {
            return beat.outcome() == Outcome.HOLDS
                    ? LinkSentences.itBeginsOnBeat(beat(beat.given(), beat.rhythm()))
                    : LinkSentences.itWouldBeginOnBeatAnd(beat(beat.given(), beat.rhythm()), next, beats(beat));
        }
        if (comparison instanceof Comparison.Listed listed) {
            return listed(listed);
        }
        Comparison.OfLevel level = (Comparison.OfLevel) comparison;
        return level.outcome() == Outcome.HOLDS
                ? LinkSentences.theIs(level.to(), level.given())
                : LinkSentences.theIsAbove(level.to(), level.given(), level.needed());
    }

    private String foot(Comparison.FreeFoot foot) {
        if (foot.outcome() == Outcome.HOLDS) {
            return foot.given() == Foot.BOTH
                    ? LinkSentences.theWeightIsOnBothFeet()
                    : LinkSentences.hasAFootFree(foot.part(), foot.given().wording());
        }
        return LinkSentences.hasAFootFreeAndNeeds(
                foot.part(), foot.given().wording(), next, foot.needed().wording());
    }

    private String facing(Comparison.Facing facing) {
        if (facing.needed().isEmpty()) {
            return LinkSentences.theDanceStaysOnTheSpot();
        }
        String given = facing.given().wording();
        String nearest = facing.nearest().wording();
        Turn off = facing.given().turnTo(facing.nearest());
        if (off.isNone()) {
            return LinkSentences.isFacingAsBegins(given, next);
        }
        String side = off.side().orElseThrow().wording();
        return switch (facing.outcome()) {
            case HOLDS -> LinkSentences.isFacingAndBeginsCurved(given, next, nearest, off.spokenSize());
            case BENDS -> LinkSentences.isFacingAndBeginsTurn(given, next, nearest, off.spokenSize(), side);
            case BREAKS -> LinkSentences.isFacingAndBegins(given, next, nearest, off.spokenSize(), side);
        };
    }

    private String position(Comparison.InPosition position) {
        String given = position.given().wording();
        String needed = position.needed().wording();
        return switch (position.outcome()) {
            case HOLDS ->
                position.given() == position.needed()
                        ? LinkSentences.theyAreIn(given)
                        : position.drawsApart()
                                ? LinkSentences.theyDrawApartWithTheFirst(given, needed)
                                : LinkSentences.theyAreInClosedHold();
            case BENDS -> LinkSentences.theyAreInAndBeginsIn(given, next, needed);
            case BREAKS -> LinkSentences.theyAreInAndBeginsInThere(given, next, needed);
        };
    }

    private String line(Comparison.InLine line) {
        return switch (line.outcome()) {
            case HOLDS ->
                line.given() == line.needed()
                        ? LinkSentences.theyStay(line.given().wording())
                        : line.needed() == Line.IN_LINE
                                ? LinkSentences.theNextStepComesBackIn()
                                : LinkSentences.theLastStepMakesRoomFor();
            case BENDS ->
                LinkSentences.theyAreSquareInLineAnd(next, line.needed().wording());
            case BREAKS ->
                LinkSentences.theyAreAndStepsAStep(
                        line.given().wording(), next, line.needed().wording());
        };
    }

    private String hold(Comparison.Holding holding) {
        Hold given = holding.given();
        Hold needed = holding.needed();
        return switch (holding.outcome()) {
            case HOLDS ->
                given.equals(needed)
                        ? LinkSentences.theyAreIn(given.wording())
                        : LinkSentences.hisLeftHandKeepsHerRight();
            case BENDS -> LinkSentences.theyAreInAndNeedsOne(given.wording(), next, needed.wording());
            case BREAKS -> LinkSentences.theyAreInAndNeedsBoth(given.wording(), next, needed.wording());
        };
    }

    private static String listed(Comparison.Listed listed) {
        return switch (listed.neighbourhood()) {
            case FREE -> LinkSentences.anElementMayStandBesideAny();
            case LISTED -> LinkSentences.theSyllabusListsOneAfterThe();
            case SILENT, NOT_LISTED ->
                listed.outcome() == Outcome.HOLDS
                        ? LinkSentences.neitherFigureListsItsNeighbours()
                        : LinkSentences.theSyllabusDoesNotListThe(listed.to(), listed.from());
        };
    }

    private static String height(boolean up) {
        return up ? LinkSentences.up() : LinkSentences.lowered();
    }

    private static String beat(Beats at, Rhythm rhythm) {
        int beat = rhythm.beatOfBar(at);
        Beats fraction = at.fraction();
        return fraction.equals(Beats.ZERO) ? String.valueOf(beat) : LinkSentences.afterBeat(fraction, beat);
    }

    private static String beats(Comparison.OnBeat compared) {
        return compared.needed()
                .map(beat -> String.valueOf(compared.rhythm().beatOfBar(beat)))
                .orElseGet(() -> compared.rhythm().startBeats().stream()
                        .map(String::valueOf)
                        .collect(Collectors.joining(LinkSentences.or())));
    }
}
