package fluidframe.core.detour;

import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Composition.Piece;
import fluidframe.core.compose.Ground;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Watch;
import fluidframe.core.compose.Wish;
import fluidframe.core.detour.Detour.Kind;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Item;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.space.Heading;
import fluidframe.core.text.Series;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * "Blocked here": the shortest ways to wait, to turn out or to go round that rejoin a routine at a later seam. Each
 * lasts as long as what it replaces, so that the music goes on under it as rehearsed and the phrase is kept; where too
 * few do, links may bend, and at last the couple stand for a phrase.
 */
public final class Detours {

    /** Of each seam so many. */
    public static final int MOST = 3;
    /** A routine is rejoined no later, bars. */
    private static final int LONGEST_BARS = 8;

    private static final int ANSWERS = 4;
    /** Who covers less than this share of the way waits. */
    private static final double WAITING = 0.5;
    /** A quarter to one side in a figure is turning out. */
    private static final int TURNING = 4;

    private static final double CENTIMETRES = 100;
    private static final int WINDOW_BARS = 4;

    private final Repertoire repertoire;
    private final Ground ground = new Ground();

    public Detours(Repertoire repertoire) {
        this.repertoire = repertoire;
    }

    /**
     * @param after a passage that is followed by another
     * @return at most {@value #MOST}, of different kinds first and among them those that rejoin soonest
     */
    public List<Detour> after(Course course, int after, Watch watch) {
        List<Detour> found = new ArrayList<>(holding(course, after, false, watch));
        if (found.size() < MOST) {
            found.addAll(holding(course, after, true, watch));
        }
        List<Detour> chosen = choose(found);
        if (chosen.size() < MOST && after + 1 < course.placements().size()) {
            chosen.add(standing(course, after));
        }
        return chosen;
    }

    private List<Detour> holding(Course course, int after, boolean bends, Watch watch) {
        List<Detour> found = new ArrayList<>();
        for (int rejoins = after + 2; rejoins < course.placements().size() && !watch.stops(); rejoins++) {
            Beats length = course.placements()
                    .get(rejoins)
                    .onset()
                    .minus(course.placements().get(after + 1).onset());
            if (length.compareTo(bar(course).times(LONGEST_BARS)) > 0) {
                break;
            }
            for (Composition composition : instead(course, after, rejoins, length, bends, watch)) {
                found.add(detour(course, after, rejoins, composition));
            }
        }
        return found;
    }

    private static Beats bar(Course course) {
        return course.routine().dance().rhythm().bar();
    }

    private List<Composition> instead(Course course, int after, int rejoins, Beats length, boolean bends, Watch watch) {
        int corners = (int) course.placements().subList(after + 1, rejoins).stream()
                .filter(each -> each.placement().cornerAfter())
                .count();
        MusicMap music = course.routine().music();
        Wish.Beginning beginning =
                new Wish.Beginning(course.placements().get(after).dancing().listed(), course.exit(after));
        Wish wish = Wish.of(length, length, MusicMap.plain(music.bar(), 1, music.tempo()))
                .withFrom(Optional.of(beginning))
                .withTo(Optional.of(course.placements().get(rejoins).dancing()))
                .withWindow(bar(course).times(WINDOW_BARS))
                .withBends(bends)
                .withCorners(corners)
                .withAnswers(ANSWERS)
                .withTaste(Taste.FREE.withMostInAll(2));
        List<String> own = course.placements().subList(after + 1, rejoins).stream()
                .map(each -> each.dancing().figure().id())
                .toList();
        return Composer.search(repertoire, wish, watch).compositions().stream()
                .filter(composition -> !composition.steps().stream()
                        .map(piece -> piece.dancing().figure().id())
                        .toList()
                        .equals(own))
                .toList();
    }

    private Detour detour(Course course, int after, int rejoins, Composition composition) {
        double metres = composition.steps().stream()
                .mapToDouble(piece -> metres(piece.dancing(), piece.facing()))
                .sum();
        double own = course.placements().subList(after + 1, rejoins).stream()
                .mapToDouble(each -> metres(each.dancing(), each.entry()))
                .sum();
        Kind kind = kind(composition, metres, own);
        ScoredPlacement next = course.placements().get(rejoins);
        List<Item> items =
                composition.steps().stream().<Item>map(Piece::dancing).toList();
        String danced = Series.of(composition.steps().stream()
                .map(piece -> "the " + piece.dancing().wording())
                .toList());
        String way = course.routine().dance().travels() ? DetourSentences.mAlongInsteadOfM(metres, own) : "";
        return new Detour(
                kind,
                items,
                rejoins,
                next.bar(),
                composition.length(),
                metres,
                DetourSentences.withBackInWithTheIn(
                        capital(kind.wording()), danced, next.dancing().figure().title(), next.bar(), way));
    }

    private static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    private double metres(Dancing dancing, Heading facing) {
        return ground.covered(new Move(dancing, facing, Outcome.HOLDS, dancing.exit())) / CENTIMETRES;
    }

    private static Kind kind(Composition composition, double metres, double own) {
        if (metres < WAITING * own) {
            return Kind.WAIT;
        }
        return turns(composition.steps().get(0).dancing().danced()) ? Kind.TURN_OUT : Kind.GO_ROUND;
    }

    private static boolean turns(Figure figure) {
        return figure.man().turnAccount().net().size() >= TURNING;
    }

    private static List<Detour> choose(List<Detour> found) {
        List<Detour> chosen = new ArrayList<>();
        Set<Kind> kinds = EnumSet.noneOf(Kind.class);
        found.stream().filter(detour -> kinds.add(detour.kind())).limit(MOST).forEach(chosen::add);
        found.stream()
                .filter(detour -> !chosen.contains(detour))
                .limit(MOST - chosen.size())
                .forEach(chosen::add);
        return chosen;
    }

    /** The last resort: the same foot, the same alignment, and the same place in the phrase. */
    private Detour standing(Course course, int after) {
        int bars = course.routine().dance().music().phraseBars();
        Beats phrase = bar(course).times(bars);
        ScoredPlacement next = course.placements().get(after + 1);
        return new Detour(
                Kind.WAIT,
                List.of(Element.of(ElementKind.HOLD, phrase.wholeBeats())),
                after + 1,
                next.bar() + bars,
                phrase,
                0,
                DetourSentences.standForAPhraseOfBars(
                        bars, next.dancing().figure().title()));
    }
}
