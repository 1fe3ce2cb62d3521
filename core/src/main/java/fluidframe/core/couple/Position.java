package fluidframe.core.couple;

import fluidframe.core.space.Heading;
import fluidframe.core.space.Point;
import fluidframe.core.space.Turn;
import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.List;

/**
 * Where the lady stands to the man. The facing is her body angle less his; the distance is between the two body
 * centres; the bearing is where she is as he sees her, to his left positive.
 */
public enum Position implements Term {
    CLOSED("closed", "closed position", 8, 0.25, 0.5, 0.31, -20, "body contact"),
    CLOSED_FACING("closed facing", "closed facing", 8, 0.3, 0.7, 0.5, 0, "facing"),
    OPEN_FACING("open facing", "open facing", 8, 0.6, 1.3, 0.8, 0, "open"),
    PROMENADE("PP", "promenade", 4, 0.25, 1.2, 0.42, -45, "promenade position"),
    OPEN_PROMENADE("open PP", "open promenade", 4, 0.25, 1.2, 0.75, -45, "open promenade position"),
    FALLAWAY("fallaway", "fallaway", 4, 0.25, 1.2, 0.42, -45, "fallaway position"),
    COUNTER_PROMENADE("CPP", "counter promenade", -4, 0.25, 1.2, 0.42, 45, "counter promenade position"),
    OPEN_COUNTER_PROMENADE(
            "open CPP", "open counter promenade", -4, 0.25, 1.2, 0.75, 45, "open counter promenade position"),
    OUTSIDE_RIGHT(
            "OP", "outside partner on his right", 8, 0.25, 0.6, 0.38, -45, "OP R", "outside partner", "outside right"),
    OUTSIDE_LEFT("OP L", "outside partner on his left", 8, 0.25, 0.6, 0.38, 45, "outside left"),
    FAN("fan", "fan", -4, 0.8, 1.5, 1.1, 90, "fan position"),
    MIRRORED_FAN("fan R", "fan on his right", 4, 0.8, 1.5, 1.1, -90),
    COUNTER_FALLAWAY("counter fallaway", "counter fallaway", -4, 0.25, 1.2, 0.42, 45),
    SIDE_BY_SIDE_RIGHT("side R", "side by side with the lady on his right", 0, 0.2, 1.0, 0.6, -90, "side by side R"),
    SIDE_BY_SIDE_LEFT("side L", "side by side with the lady on his left", 0, 0.2, 1.0, 0.6, 90, "side by side L"),
    SHADOW_RIGHT("shadow R", "shadow with the lady in front to his right", 0, 0.2, 1.0, 0.4, -45, "right shadow"),
    SHADOW_LEFT("shadow L", "shadow with the lady in front to his left", 0, 0.2, 1.0, 0.4, 45, "left shadow"),
    TANDEM("tandem", "tandem with the lady in front", 0, 0.2, 1.2, 0.5, 0),
    APART("apart", "apart", 8, 0, 6, 1.5, 0);

    public static final Lexicon<Position> LEXICON =
            Lexicon.of(CoupleSentences.aPositionSuchAsClosedPp(), List.of(values()));
    /** How far the facing may be from the nominal: 45 degrees either way. */
    public static final int FACING_TOLERANCE = 2;

    private final Words words;
    private final Turn facing;
    private final double nearest;
    private final double farthest;
    private final double usual;
    private final double bearingDegrees;

    Position(
            String shorthand,
            String wording,
            int facing,
            double nearest,
            double farthest,
            double usual,
            double bearingDegrees,
            String... synonyms) {
        this.words = Words.of(shorthand, wording, synonyms);
        this.facing = new Turn(facing);
        this.nearest = nearest;
        this.farthest = farthest;
        this.usual = usual;
        this.bearingDegrees = bearingDegrees;
    }

    @Override
    public Words words() {
        return words;
    }

    /** Lady's body angle less the man's, nominally. */
    public Turn facing() {
        return facing;
    }

    /** Least distance of the body centres, metres. */
    public double nearest() {
        return nearest;
    }

    /** Greatest distance of the body centres, metres. */
    public double farthest() {
        return farthest;
    }

    /** Where the lady usually stands, in metres, with the man at the origin looking along x. */
    public Point ladyFromMan() {
        return new Point(usual, 0).rotated(Math.toRadians(bearingDegrees));
    }

    /** Whether a relative facing suits this position, within the tolerance; apart suits any. */
    public boolean suits(Turn relativeFacing) {
        return this == APART
                || new Heading(relativeFacing.sixteenths() - facing.sixteenths()).sixteenths() <= FACING_TOLERANCE
                        && new Heading(relativeFacing.sixteenths() - facing.sixteenths()).sixteenths()
                                >= -FACING_TOLERANCE;
    }

    /** The position seen in a mirror: the lady's side changes. */
    public Position mirrored() {
        return switch (this) {
            case PROMENADE -> COUNTER_PROMENADE;
            case COUNTER_PROMENADE -> PROMENADE;
            case OPEN_PROMENADE -> OPEN_COUNTER_PROMENADE;
            case OPEN_COUNTER_PROMENADE -> OPEN_PROMENADE;
            case OUTSIDE_RIGHT -> OUTSIDE_LEFT;
            case OUTSIDE_LEFT -> OUTSIDE_RIGHT;
            case SIDE_BY_SIDE_RIGHT -> SIDE_BY_SIDE_LEFT;
            case SIDE_BY_SIDE_LEFT -> SIDE_BY_SIDE_RIGHT;
            case SHADOW_RIGHT -> SHADOW_LEFT;
            case SHADOW_LEFT -> SHADOW_RIGHT;
            case FAN -> MIRRORED_FAN;
            case MIRRORED_FAN -> FAN;
            case FALLAWAY -> COUNTER_FALLAWAY;
            case COUNTER_FALLAWAY -> FALLAWAY;
            case CLOSED, CLOSED_FACING, OPEN_FACING, TANDEM, APART -> this;
        };
    }

    /**
     * Whether the couple are in body contact facing each other, in line or with one stepping outside: that is a matter
     * of the step, and any step that makes room for it leads from one to the other.
     */
    public boolean isClosedHold() {
        return this == CLOSED || this == OUTSIDE_RIGHT || this == OUTSIDE_LEFT;
    }

    /** Whether the two face each other, so that their feet are natural opposites. */
    public boolean isFacing() {
        return facing.size() == 8 && this != APART;
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
