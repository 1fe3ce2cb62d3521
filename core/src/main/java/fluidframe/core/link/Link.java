package fluidframe.core.link;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;

import java.util.List;
import java.util.stream.Collectors;

/** Compares how one figure leaves the couple with how the next one needs them. */
public final class Link {

    /** An alignment off by no more than this, an eighth of a turn, can still be mended by turning a little more or less. */
    private static final int BENDING_TURN = 2;

    private Link() {
    }

    /** The verdict on a link along one side of the room, or round a corner if the exit was re-read for it. */
    public static Verdict between(ExitState exit, EntryState entry) {
        return Verdict.of(List.of(
                foot(Aspect.MAN_FREE_FOOT, exit.manFree(), entry.manFree()),
                foot(Aspect.LADY_FREE_FOOT, exit.ladyFree(), entry.ladyFree()),
                alignment(exit.facing(), entry),
                position(exit.relation().position(), entry.relation().position()),
                hold(exit.relation().hold(), entry.relation().hold()),
                beat(exit.beat(), entry)));
    }

    private static Comparison foot(Aspect aspect, Foot given, Foot needed) {
        boolean agrees = given == needed || given == Foot.BOTH || needed == Foot.BOTH;
        return new Comparison(aspect, given.shorthand(), needed.shorthand(), agrees ? Outcome.HOLDS : Outcome.BREAKS,
                agrees ? given.shorthand() + " is free." : given + " is free, but the next figure starts with " + needed + ", which carries the weight.");
    }

    private static Comparison alignment(Heading given, EntryState entry) {
        String needed = entry.loose() ? "any" : entry.facings().stream().map(Heading::toString).collect(Collectors.joining(" or "));
        if (entry.loose()) {
            return new Comparison(Aspect.ALIGNMENT, given.toString(), needed, Outcome.HOLDS, "The dance stays on the spot, so any alignment will do.");
        }
        Turn off = given.turnTo(entry.nearestTo(given));
        if (off.isNone()) {
            return new Comparison(Aspect.ALIGNMENT, given.toString(), needed, Outcome.HOLDS, "The man faces " + given.wording() + ", as it must start.");
        }
        boolean bends = off.size() <= BENDING_TURN;
        String apart = "The man faces " + given.wording() + "; the nearest start is " + off.sizeText() + " of a turn to the "
                + off.side().orElseThrow().wording() + ", facing " + entry.nearestTo(given).wording();
        return new Comparison(Aspect.ALIGNMENT, given.toString(), needed, bends ? Outcome.BENDS : Outcome.BREAKS,
                apart + (bends ? ": turn that much more." : "."));
    }

    private static Comparison position(Position given, Position needed) {
        if (given == needed) {
            return new Comparison(Aspect.POSITION, given.shorthand(), needed.shorthand(), Outcome.HOLDS, "Both in " + given.wording() + ".");
        }
        boolean near = given.facing().equals(needed.facing()) && given.nearest() <= needed.farthest() && needed.nearest() <= given.farthest()
                && sameSide(given, needed);
        return new Comparison(Aspect.POSITION, given.shorthand(), needed.shorthand(), near ? Outcome.BENDS : Outcome.BREAKS,
                "From " + given.wording() + " to " + needed.wording()
                        + (near ? " the couple only draw nearer or apart in the first step." : " there is no way without a step."));
    }

    private static boolean sameSide(Position given, Position needed) {
        return given.ladyFromMan().y() * needed.ladyFromMan().y() >= 0;
    }

    private static Comparison hold(Hold given, Hold needed) {
        int hands = given.handsTo(needed);
        String reason = switch (hands) {
            case 0 -> "Both in " + given.wording() + ".";
            case 1 -> "One hand changes: " + given.wording() + " to " + needed.wording() + ".";
            default -> "Both hands change at once: " + given.wording() + " to " + needed.wording() + ".";
        };
        return new Comparison(Aspect.HOLD, given.shorthand(), needed.shorthand(),
                hands == 0 ? Outcome.HOLDS : hands == 1 ? Outcome.BENDS : Outcome.BREAKS, reason);
    }

    private static Comparison beat(Beats given, EntryState entry) {
        Rhythm rhythm = entry.rhythm();
        String needed = entry.beat().map(beat -> String.valueOf(rhythm.beatOfBar(beat)))
                .orElseGet(() -> rhythm.startBeats().stream().map(String::valueOf).collect(Collectors.joining(" or ")));
        boolean agrees = entry.beat().map(given::equals).orElseGet(() -> rhythm.mayStartAt(given));
        String beat = given.fraction().equals(Beats.ZERO) ? String.valueOf(rhythm.beatOfBar(given))
                : given.fraction() + " after " + rhythm.beatOfBar(given);
        return new Comparison(Aspect.BEAT, beat, needed, agrees ? Outcome.HOLDS : Outcome.BREAKS,
                agrees ? "It begins on beat " + beat + "." : "The next figure would begin on beat " + beat + "; it starts on " + needed + ".");
    }
}
