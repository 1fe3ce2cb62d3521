package fluidframe.core.card;

import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import java.util.List;

/** Directions and turns as one would say them to a beginner. */
final class Directions {

    private static final List<String> SAID = List.of(
            "the line of dance",
            "the centre, diagonally",
            "the centre",
            "the centre, diagonally against the line of dance",
            "against the line of dance",
            "the wall, diagonally against the line of dance",
            "the wall",
            "the wall, diagonally");
    private static final List<String> SIXTEENTHS = List.of(
            "",
            "a sixteenth",
            "an eighth",
            "three sixteenths",
            "a quarter",
            "five sixteenths",
            "three eighths",
            "seven sixteenths",
            "half a turn",
            "nine sixteenths",
            "five eighths",
            "eleven sixteenths",
            "three quarters",
            "thirteen sixteenths",
            "seven eighths",
            "fifteen sixteenths");

    private Directions() {}

    static String of(Heading heading) {
        int positive = Math.floorMod(heading.sixteenths(), Turn.WHOLE);
        String lower = SAID.get(positive / 2);
        return positive % 2 == 0
                ? lower
                : "a point between " + lower + " and " + SAID.get((positive / 2 + 1) % SAID.size());
    }

    static String of(Alignment alignment) {
        if (alignment instanceof Alignment.Facing facing) {
            return "to face " + of(facing.heading());
        }
        if (alignment instanceof Alignment.Backing backing) {
            return "with the back to " + of(backing.heading());
        }
        if (alignment instanceof Alignment.Moving moving) {
            return "moving along " + of(moving.travel()) + " with the foot pointing to " + of(moving.foot());
        }
        return "with the foot pointing to " + of(alignment.foot());
    }

    /** "an eighth". */
    static String amount(Turn turn) {
        int whole = turn.size() / Turn.WHOLE;
        String part = SIXTEENTHS.get(turn.size() % Turn.WHOLE);
        String said = whole == 0
                ? part
                : part.isEmpty()
                        ? whole == 1 ? "a whole turn" : whole + " whole turns"
                        : (whole == 1 ? "one whole turn" : whole + " whole turns") + " and " + part;
        return said;
    }

    /** "an eighth to the left", "one whole turn and a half to the right". */
    static String of(Turn turn) {
        return amount(turn)
                + turn.side().map(side -> " to the " + side.wording()).orElse("");
    }
}
