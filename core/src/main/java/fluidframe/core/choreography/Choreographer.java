package fluidframe.core.choreography;

import fluidframe.core.compose.Watch;
import fluidframe.core.couple.Part;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.space.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Composes as coaches do: whole amalgamations on sides and phrases. The answers lean to different things and are never
 * the same for more than half of their length at once; each has been danced over the floor before it is given.
 */
public final class Choreographer {

    private static final int WIDTH = 40;
    /** Complete ones of which the way over the floor is walked, the best first. */
    private static final int MOST_WALKED = 12;

    /** Metres kept from walls beyond what bodies need; more where a way put together so far missed the real one. */
    private static final double[] CARE = {0.12, 0.35, 0.6};
    /** Metres nearer to the middle of the floor at which a routine may begin. */
    private static final double[] INWARDS = {1, 2, 3};

    private final Repertoire repertoire;
    private final Brief brief;
    private final Watch watch;
    private final Blocks blocks;
    private final Scorecard scorecard;
    private final Search search;
    private final List<Stand> starts;

    private Choreographer(
            Repertoire repertoire, Brief brief, Score score, Map<Term, Integer> weights, Watch watch, boolean freely) {
        this.repertoire = repertoire;
        this.brief = brief;
        this.watch = watch;
        this.blocks = new Blocks(repertoire, brief);
        long levels = repertoire.dancings().stream()
                .map(dancing -> dancing.figure().level())
                .distinct()
                .count();
        this.scorecard =
                new Scorecard(repertoire, brief, blocks.topLevel(), levels > 1, weights, metresABar(), Past.of(brief));
        this.search = new Search(repertoire, brief, blocks, scorecard, watch, WIDTH, freely);
        this.starts = starts(score);
    }

    /**
     * @param score the routine it goes into, danced as it stands
     * @param weights how much each term counts, where not as usual
     * @param watch is told how far the search is, and may end it
     */
    public static Choreographies compose(
            Repertoire repertoire, Brief brief, Score score, Map<Term, Integer> weights, Watch watch) {
        Choreographies found = new Choreographer(repertoire, brief, score, weights, watch, false).compose();
        return found.answers().isEmpty() && !found.stopped()
                ? new Choreographer(repertoire, brief, score, weights, watch, true).compose()
                : found;
    }

    /** What the openings of the dance gain along the line on average, in metres a bar. */
    private double metresABar() {
        double metres = 0;
        double bars = 0;
        for (Block block : blocks.openings()) {
            metres += Math.max(0, Scorecard.gained(block));
            bars += (double) block.ticks() / brief.wish().music().bar().ticks();
        }
        return bars == 0 ? 0 : metres / bars;
    }

    /**
     * Where the couple stand; what begins a routine on the floor may begin nearer to its middle than the floor says.
     */
    private List<Stand> starts(Score score) {
        Floor floor = brief.course().routine().floor();
        if (brief.after().isPresent()) {
            ScoredPlacement placed =
                    brief.course().placements().get(brief.after().get());
            int side = placed.side() + (placed.placement().cornerAfter() ? 1 : 0);
            Point last = score.steps().stream()
                    .filter(step -> step.placement() <= brief.after().get() && step.part() == Part.MAN)
                    .reduce((earlier, later) -> later)
                    .map(step -> step.stance().body())
                    .orElse(floor.start());
            return List.of(Stand.at(last, side, floor));
        }
        Stand asTheFloorSays = Stand.at(floor.start(), 0, floor);
        List<Stand> found = new ArrayList<>(List.of(asTheFloorSays));
        if (brief.onFloor()) {
            for (double inwards : INWARDS) {
                if (asTheFloorSays.across() + inwards <= floor.width() / 2) {
                    found.add(asTheFloorSays.acrossBy(inwards));
                }
            }
        }
        return found;
    }

    private Choreographies compose() {
        List<Choreography> answers = new ArrayList<>();
        next(Leaning.BALANCED, answers).ifPresent(answers::add);
        if (!answers.isEmpty()) {
            for (Leaning leaning : leanings()) {
                if (answers.size() < brief.wish().answers() && !watch.stops()) {
                    next(leaning, answers).ifPresent(answers::add);
                }
            }
        }
        answers.sort(Comparator.comparingInt(answer -> -answer.points()));
        return new Choreographies(Leanings.named(answers, brief), search.wasStopped() || watch.stops());
    }

    private List<Leaning> leanings() {
        boolean travels = brief.course().routine().dance().travels();
        return List.of(
                travels ? Leaning.TRAVELLING : Leaning.OPEN,
                Leaning.CALM,
                Leaning.BRILLIANT,
                Leaning.TURNING,
                Leaning.EASY_FOR_HER);
    }

    /** The best that is not too much like those before it and has a clear way; alikeness counts more each time. */
    private Optional<Choreography> next(Leaning leaning, List<Choreography> others) {
        for (Distance distance : others.isEmpty() ? new Distance[] {Distance.NONE} : Distance.NEAREST_LAST) {
            scorecard.favour(leaning, distance, others);
            for (double care : CARE) {
                List<Choreography> different = search.best(starts, others.size(), care).stream()
                        .map(strand -> search.choreography(strand, leaning))
                        .filter(found ->
                                others.stream().allMatch(other -> found.sameInTime(other) <= Choreography.MOST_ALIKE))
                        .limit(MOST_WALKED)
                        .toList();
                Optional<Choreography> clear =
                        different.stream().filter(this::hasClearWay).findFirst();
                if (clear.isPresent()) {
                    return clear;
                }
                if (different.isEmpty() || watch.stops()) {
                    break;
                }
            }
            if (watch.stops()) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    private boolean hasClearWay(Choreography found) {
        return !brief.onFloor() || found.dancedOn(brief).collisions().isEmpty();
    }
}
