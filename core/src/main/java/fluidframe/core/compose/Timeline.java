package fluidframe.core.compose;

import fluidframe.core.figure.Level;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Repertoire;
import fluidframe.core.time.Beats;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import org.hipparchus.util.ArithmeticUtils;

/**
 * A wish's time in whole units, the longest time of which every length and every point of the music is a multiple, and
 * what each point of it is worth.
 */
final class Timeline {

    private static final int NO_LEVEL = -1;

    private final int unit;
    private final int least;
    private final int most;
    private final int window;
    private final int[] limits;
    private final int[] phrasePoints;
    private final int[] hitPoints;
    private final int[] wantedLevels;
    private final int difficulty;
    private final Fullness[] wantedFullness;
    private final int fullness;
    private final int bar;

    Timeline(Repertoire repertoire, Wish wish) {
        this.unit = unit(repertoire, wish);
        this.most = wish.most().ticks() / unit;
        this.least = (wish.least().ticks() + unit - 1) / unit;
        this.window = wish.window().ticks() / unit;
        this.difficulty = wish.weights().difficulty();
        this.fullness = wish.weights().fullness();
        this.bar = units(wish.music().bar());
        this.wantedFullness = wantedFullness(wish);
        this.limits = limits(wish);
        this.phrasePoints = new int[most + 1];
        this.hitPoints = new int[most + 1];
        this.wantedLevels = new int[most + 1];
        Arc arc = arc(repertoire);
        Set<Integer> hits = units(wish.music().hits());
        for (int at = 0; at <= most; at++) {
            phrasePoints[at] =
                    wish.music().startsPhrase(beats(at)) ? wish.weights().phrase() : 0;
            hitPoints[at] = hits.contains(at) ? wish.weights().hit() : 0;
            wantedLevels[at] = arc.bends() ? arc.level(at) : NO_LEVEL;
        }
    }

    private static int unit(Repertoire repertoire, Wish wish) {
        int unit = 0;
        for (Dancing dancing : repertoire.dancings()) {
            unit = ArithmeticUtils.gcd(unit, dancing.length().ticks());
        }
        unit = ArithmeticUtils.gcd(unit, wish.music().bar().ticks());
        for (Beats boundary : wish.music().sectionStarts()) {
            unit = ArithmeticUtils.gcd(unit, boundary.ticks());
        }
        for (Beats hit : wish.music().hits()) {
            unit = ArithmeticUtils.gcd(unit, hit.ticks());
        }
        for (Stretch stretch : wish.stretches()) {
            unit = ArithmeticUtils.gcd(
                    unit,
                    ArithmeticUtils.gcd(stretch.from().ticks(), stretch.to().ticks()));
        }
        return Math.max(1, unit);
    }

    private int[] limits(Wish wish) {
        int[] found = new int[most + 1];
        int next = most;
        Set<Integer> boundaries = units(wish.music().sectionStarts());
        for (int at = most; at >= 0; at--) {
            found[at] = next;
            next = boundaries.contains(at) ? at : next;
        }
        return found;
    }

    private Fullness[] wantedFullness(Wish wish) {
        Fullness[] wanted = new Fullness[most + 1];
        Arrays.fill(wanted, Fullness.USUAL);
        for (Stretch stretch : wish.stretches()) {
            Arrays.fill(
                    wanted,
                    Math.min(units(stretch.from()), most),
                    Math.min(units(stretch.to()), most + 1),
                    stretch.fullness());
        }
        return wanted;
    }

    private Set<Integer> units(Set<Beats> points) {
        Set<Integer> units = new HashSet<>();
        points.forEach(point -> units.add(units(point)));
        return units;
    }

    private Arc arc(Repertoire repertoire) {
        Level easiest = Level.OPEN;
        Level hardest = Level.PRE_BRONZE;
        for (Dancing dancing : repertoire.dancings()) {
            Level level = dancing.figure().level();
            easiest = level.compareTo(easiest) < 0 ? level : easiest;
            hardest = level.compareTo(hardest) > 0 ? level : hardest;
        }
        return new Arc(easiest, hardest, most);
    }

    int units(Beats beats) {
        return beats.ticks() / unit;
    }

    Beats beats(int units) {
        return new Beats(units * unit);
    }

    /** The shortest the whole may be. */
    int least() {
        return least;
    }

    /** The longest the whole may be. */
    int most() {
        return most;
    }

    /** How long a figure's last beginning is remembered. */
    int window() {
        return window;
    }

    /** Where a figure that begins here must have ended: the next boundary, or the end. */
    int limit(int at) {
        return limits[at];
    }

    /** A phrase begins with the beginning of a figure or of nothing. */
    int phrasePoints(boolean begun, int at) {
        return begun ? phrasePoints[at] : 0;
    }

    int hitPoints(boolean highlight, int at) {
        return highlight ? hitPoints[at] : 0;
    }

    int arcPoints(int level, int at) {
        return level == wantedLevels[at] ? difficulty : 0;
    }

    /** For every bar of a figure that is sparse or full where it should be; as many are taken off for the contrary. */
    int fullnessPoints(Fullness fullness, int length, int at) {
        Fullness wanted = wantedFullness[at];
        if (wanted == Fullness.USUAL || fullness == Fullness.USUAL) {
            return 0;
        }
        int points = (this.fullness * length + bar / 2) / bar;
        return wanted == fullness ? points : -points;
    }

    /** The points of a figure for beginning where it does. */
    int points(MoveGraph.Edge edge, int at) {
        return phrasePoints(edge.begun(), at)
                + hitPoints(edge.highlight(), at)
                + arcPoints(edge.level(), at)
                + fullnessPoints(edge.fullness(), edge.length(), at);
    }
}
