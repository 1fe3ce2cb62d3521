package fluidframe.core.compose;

import fluidframe.core.compose.Composition.Piece;
import fluidframe.core.compose.Composition.Reason;
import fluidframe.core.compose.MoveGraph.Edge;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Move;
import fluidframe.core.link.Repertoire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;

/**
 * Finds the best sequences for a wish. First the best that could still be reached is worked out for every state, length
 * and set of required figures, leaving repetition out of account; that never says too little. Then the most promising
 * few of each length are carried through to the end. Where what they lead to has fewer points than another could have,
 * sequences are taken up in the order of what they have plus what they could still reach, so the first to be complete
 * is the best. The search ends at a number of sequences, not at a time, so the same question has the same answer; what
 * is not proved then says how much better another could be at most.
 */
public final class Composer {

    private static final int MOST_OPEN = 120_000;
    /**
     * With more points than this between the best found and the most there could be a proof is out of reach, but in
     * small books.
     */
    private static final int MOST_POINTS_OPEN = 12;

    private static final int FEW_OPEN = 12_000;
    /** How many of each length are carried on, fewer where there are many lengths. */
    private static final int MOST_CARRIED = 100;

    private static final int CARRIED_IN_ALL = 6000;
    /** Once the first answer is found, so many times fewer are carried on for each other one. */
    private static final int NEXT_ANSWERS = 2;
    /** For each that is carried on so many are looked at. */
    private static final int LOOKED_AT_EACH = 4;
    /** Sequences that have covered less than so many centimetres more or less are alike. */
    private static final int ALIKE = 100;

    private static final int CHECK_EVERY = 256;
    /** Of a side so much must be behind the couple before they turn its corner. */
    private static final double LEAST_OF_SIDE = 0.6;

    private static final Comparator<Sequence> BEST_FIRST = (one, other) -> one.promise() != other.promise()
            ? Integer.compare(other.promise(), one.promise())
            : one.length() != other.length()
                    ? Integer.compare(other.length(), one.length())
                    : Long.compare(one.order(), other.order());
    private static final Comparator<Sequence> MOST_PROMISING_FIRST = (one, other) -> one.promise() != other.promise()
            ? Integer.compare(other.promise(), one.promise())
            : Integer.compare(one.node(), other.node());
    private static final boolean[] STRAIGHT_ON = {false};
    private static final boolean[] ON_OR_ROUND = {false, true};

    private final Wish wish;
    private final Watch watch;
    private final Timeline timeline;
    private final MovePoints movePoints;
    private final MoveGraph graph;
    private final UpperBound upperBound;
    private final int[] sides;
    private final int carried;
    private int carrying;
    private final List<Composition> found = new ArrayList<>();
    /** What each answer found so far dances, by the unit at which it begins. */
    private final List<Map<Integer, String>> known = new ArrayList<>();
    /** Units of each of them that may be danced again. */
    private int[] mostShared = new int[0];

    private int taken;
    /** Units there must be between corners, where the room's sides are not known. */
    private final int cornerGap;

    private final int lastCorner;
    /** While the most promising are carried on: what a sequence of each length must promise at least. */
    private int[] floors = new int[0];

    private Composer(Repertoire repertoire, Wish wish, Watch watch) {
        this.wish = wish;
        this.watch = watch;
        this.timeline = new Timeline(repertoire, wish);
        this.movePoints = new MovePoints(wish);
        this.graph = new MoveGraph(repertoire, wish, timeline, movePoints);
        this.upperBound = new UpperBound(graph, timeline, wish.corners(), watch);
        this.carried = Math.max(1, Math.min(MOST_CARRIED, CARRIED_IN_ALL / Math.max(1, timeline.most())));
        this.cornerGap = timeline.most() / (2 * (wish.corners() + 1));
        this.lastCorner = timeline.most() - timeline.units(wish.music().bar());
        this.sides = wish.sides().stream()
                .limit(wish.corners() + 1)
                .mapToInt(Ground::centimetres)
                .toArray();
    }

    /** @param watch is told how far the search is, and may end it */
    public static Answer compose(Repertoire repertoire, Wish wish, Watch watch) {
        Answer answer = search(repertoire, wish, watch);
        boolean none = answer.compositions().isEmpty() && answer.exact() && !watch.stops();
        return none ? answer.with(Relaxations.smallest(repertoire, wish, watch)) : answer;
    }

    /**
     * The answer to the first of several wishes that has one, such as for likely numbers of corners; if none has, what
     * could be given up of the first.
     *
     * @param wishes at least one
     */
    public static Answer compose(Repertoire repertoire, List<Wish> wishes, Watch watch) {
        for (Wish wish : wishes) {
            Answer answer = search(repertoire, wish, watch);
            if (!answer.compositions().isEmpty() || watch.stops()) {
                return answer;
            }
        }
        return compose(repertoire, wishes.get(0), watch);
    }

    /** The same without asking what could be given up where there is no answer. */
    public static Answer search(Repertoire repertoire, Wish wish, Watch watch) {
        return new Composer(repertoire, wish, watch).search();
    }

    /** Each answer is the best of all that really differ from those before it. */
    private Answer search() {
        boolean proved = true;
        int bound = 0;
        while (found.size() < wish.answers() && !watch.stops()) {
            remember();
            Next next = proved ? best() : mostPromising(bound, carried / NEXT_ANSWERS);
            proved &= next.proved();
            bound = found.isEmpty() ? next.bound() : bound;
            if (next.composition().isEmpty()) {
                break;
            }
            found.add(next.composition().get());
        }
        found.sort(Comparator.comparingInt(composition -> -composition.points()));
        return new Answer(found, proved && !watch.stops(), bound, List.of());
    }

    /**
     * The next answer.
     *
     * @param proved whether it is the best there is, or there is none
     * @param bound points that none can have more of
     */
    private record Next(Optional<Composition> composition, boolean proved, int bound) {}

    /** Puts the answers found so far into numbers: what is danced at which unit. */
    private void remember() {
        known.clear();
        mostShared = new int[found.size()];
        for (Composition composition : found) {
            Map<Integer, String> figures = new HashMap<>();
            composition
                    .steps()
                    .forEach(piece -> figures.put(
                            timeline.units(piece.onset()),
                            piece.dancing().figure().id()));
            mostShared[known.size()] = timeline.units(composition.length()) * Composition.MOST_ALIKE / 100;
            known.add(figures);
        }
    }

    /**
     * First the most promising are carried through. What they lead to is the best if it has as many points as any could
     * have; else sequences are taken up in the order of their promise, as long as one promises more; only few of them
     * where so many points are open that nothing could be proved.
     */
    private Next best() {
        List<Sequence> beginnings = beginnings();
        int bound = beginnings.stream().mapToInt(Sequence::promise).max().orElse(0);
        Next carriedOn = mostPromising(bound, found.isEmpty() ? carried : carried / NEXT_ANSWERS);
        int least = carriedOn.composition().map(Composition::points).orElse(UpperBound.NEVER);
        if (carriedOn.proved()) {
            return carriedOn;
        }
        int most = least > UpperBound.NEVER && bound - least > MOST_POINTS_OPEN ? FEW_OPEN : MOST_OPEN;
        PriorityQueue<Sequence> open = new PriorityQueue<>(BEST_FIRST);
        long order = 0;
        open.addAll(beginnings);
        while (!open.isEmpty() && open.peek().promise() > least) {
            if (open.size() > most || ++taken % CHECK_EVERY == 0 && ends()) {
                return new Next(carriedOn.composition(), false, open.peek().promise());
            }
            Sequence sequence = open.poll();
            if (sequence.hasEnded()) {
                return new Next(Optional.of(composition(sequence)), true, sequence.points());
            }
            if (isComplete(sequence)) {
                open.add(sequence.ended(sidePoints(0, sequence.covered()), ++order));
            }
            for (Edge edge : graph.edges(sequence.node())) {
                order = extend(sequence, edge, open, order);
            }
        }
        return new Next(carriedOn.composition(), true, Math.max(least, 0));
    }

    private boolean ends() {
        watch.saw(taken, found.size());
        return watch.stops();
    }

    /** The most promising sequences of each length, carried on to the next; of what is complete among them the best. */
    private Next mostPromising(int bound, int width) {
        carrying = Math.max(1, width);
        List<List<Sequence>> byLength = new ArrayList<>();
        for (int length = 0; length <= timeline.most(); length++) {
            byLength.add(new ArrayList<>());
        }
        floors = new int[0];
        beginnings().forEach(first -> byLength.get(first.length()).add(first));
        floors = new int[timeline.most() + 1];
        Arrays.fill(floors, UpperBound.NEVER);
        Optional<Sequence> complete = Optional.empty();
        for (int length = 0; length <= timeline.most() && !watch.stops(); length++) {
            for (Sequence sequence : mostPromising(byLength.get(length))) {
                if (isComplete(sequence)) {
                    Sequence ended = sequence.ended(sidePoints(0, sequence.covered()), 0);
                    complete = complete.filter(other -> other.points() >= ended.points())
                            .or(() -> Optional.of(ended));
                }
                List<Sequence> longer = new ArrayList<>();
                for (Edge edge : graph.edges(sequence.node())) {
                    extend(sequence, edge, longer, 0);
                }
                for (Sequence each : longer) {
                    byLength.get(each.length()).add(each);
                    trim(byLength.get(each.length()), each.length());
                }
            }
            byLength.set(length, List.of());
        }
        floors = new int[0];
        boolean bestPossible =
                complete.map(sequence -> sequence.points() == bound).orElse(false);
        return new Next(complete.map(this::composition), bestPossible, bound);
    }

    /**
     * Once twice as many are waiting as are looked at, the less promising half goes, and nothing as poor comes in any
     * more.
     */
    private void trim(List<Sequence> sequences, int length) {
        if (sequences.size() >= 2 * LOOKED_AT_EACH * carrying) {
            sequences.sort(MOST_PROMISING_FIRST);
            sequences.subList(LOOKED_AT_EACH * carrying, sequences.size()).clear();
            floors[length] = sequences.get(sequences.size() - 1).promise();
        }
    }

    /** What lies ahead of sequences of one length that agree in this is the same. */
    private record Ahead(int node, int mask, int corners, int covered, List<Integer> window) {}

    /** At most a few, and of sequences that are at the same state after the same last figures only the best. */
    private List<Sequence> mostPromising(List<Sequence> sequences) {
        sequences.sort(MOST_PROMISING_FIRST);
        Map<Ahead, Sequence> kept = new LinkedHashMap<>();
        for (Sequence sequence : sequences) {
            if (kept.size() >= carrying) {
                break;
            }
            List<Integer> window = sequence.within(timeline.window()).stream()
                    .map(each -> each.edge().figure())
                    .toList();
            kept.putIfAbsent(
                    new Ahead(sequence.node(), sequence.mask(), sequence.corners(), sequence.covered() / ALIKE, window),
                    sequence);
        }
        return List.copyOf(kept.values());
    }

    private List<Sequence> beginnings() {
        List<Sequence> firsts = new ArrayList<>();
        graph.start()
                .ifPresent(node -> firsts.add(Sequence.starting(
                        node,
                        wish.corners(),
                        Math.max(UpperBound.NEVER, upperBound.at(node, 0, 0, wish.corners())),
                        found.size())));
        long order = 0;
        for (Edge edge : graph.beginnings()) {
            for (boolean corner : corners(wish.corners())) {
                add(null, edge, corner, 0, firsts, ++order);
            }
        }
        return firsts;
    }

    private static boolean[] corners(int left) {
        return left > 0 ? ON_OR_ROUND : STRAIGHT_ON;
    }

    private long extend(Sequence sequence, Edge edge, Collection<Sequence> open, long order) {
        long next = order;
        for (boolean corner : corners(sequence.corners())) {
            add(sequence, edge, corner, sequence.points(), open, ++next);
        }
        return next;
    }

    /**
     * What costs least to find out is asked first; most sequences are turned away by their length or by what they could
     * still reach.
     */
    private void add(
            Sequence before, Edge edge, boolean corner, int points, Collection<Sequence> sequences, long order) {
        int from = before == null ? 0 : before.length();
        int mask = (before == null ? 0 : before.mask()) | edge.bit();
        int cornersLeft = before == null ? wish.corners() : before.corners();
        int length = from + edge.length();
        int covered = (before == null ? 0 : before.covered()) + edge.covers();
        if (length > timeline.limit(from) || sides.length > 0 && covered > side(cornersLeft)) {
            return;
        }
        int node = corner ? edge.toRoundCorner() : edge.to();
        int left = cornersLeft - (corner ? 1 : 0);
        int more = upperBound.at(node, length, mask, left);
        int now =
                points + edge.points() + timeline.points(edge, from) + (corner ? sidePoints(cornersLeft, covered) : 0);
        int promise =
                now + more + (sides.length > 0 ? (left + 1) * wish.weights().ground() : 0);
        if (more <= UpperBound.NEVER
                || isPoor(length, promise)
                || comesTooOften(before, edge)
                || corner && !isInPlace(before, edge, length, cornersLeft, covered)) {
            return;
        }
        int repeated = before == null ? 0 : repetition(before, edge);
        int[] shared = shared(before, edge, from);
        if (shared != null && !isPoor(length, promise - repeated)) {
            sequences.add(new Sequence(
                    before,
                    edge,
                    corner,
                    node,
                    length,
                    mask,
                    left,
                    corner ? 0 : covered,
                    now - repeated,
                    promise - repeated,
                    before == null ? 0 : before.pairsWith(edge.figure()),
                    shared,
                    order));
        }
    }

    /**
     * While the most promising are carried on: whether a sequence of this length promises less than those that wait.
     */
    private boolean isPoor(int length, int promise) {
        return length < floors.length && promise <= floors[length];
    }

    private boolean comesTooOften(Sequence before, Edge edge) {
        if (before == null) {
            return false;
        }
        Taste taste = wish.taste();
        int figure = edge.figure();
        return repeats(before, edge) >= wish.mostTimes()
                || taste.notThrice() && before.danced(figure, 2)
                || taste.mostInAll() < Integer.MAX_VALUE
                        && before.times(figure, Integer.MAX_VALUE) >= taste.mostInAll();
    }

    /** How much of each answer found before has been danced again; null if too much. */
    private int[] shared(Sequence before, Edge edge, int from) {
        int[] shared = before == null ? new int[known.size()] : before.shared();
        for (int i = 0; i < shared.length; i++) {
            if (edge.move().dancing().figure().id().equals(known.get(i).get(from))) {
                shared = shared.clone();
                shared[i] += edge.length();
                if (shared[i] > mostShared[i]) {
                    return null;
                }
            }
        }
        return shared;
    }

    /** A corner comes when most of its side is behind the couple, and not as the last thing. */
    private boolean isInPlace(Sequence before, Edge edge, int length, int cornersLeft, int covered) {
        if (!wish.taste().cornersInPlace()) {
            return true;
        }
        int since = (before == null ? 0 : before.sinceCorner()) + edge.length();
        boolean far = sides.length > 0 ? covered >= side(cornersLeft) * LEAST_OF_SIDE : since >= cornerGap;
        return far && length <= lastCorner;
    }

    /** Centimetres of the side that is danced while so many corners are still to come. */
    private int side(int cornersLeft) {
        return sides[sides.length - 1 - cornersLeft];
    }

    /** The points of a side once it has been left, in proportion to how much of it was used. */
    private int sidePoints(int cornersLeft, int covered) {
        return sides.length == 0 ? 0 : Math.max(0, covered) * wish.weights().ground() / Math.max(1, side(cornersLeft));
    }

    /** How often the figure already begins in the window that ends with it. */
    private int repeats(Sequence sequence, Edge edge) {
        return sequence.times(edge.figure(), timeline.window());
    }

    /**
     * What is taken off for a figure that was danced just now, or that follows the same one as it did before; then it
     * is no contrast any more either.
     */
    private int repetition(Sequence before, Edge edge) {
        Move move = edge.move();
        boolean echo = before.edge() != null && before.echoes(edge.figure());
        if (!echo) {
            return repeats(before, edge) > 0 ? wish.weights().repetition() : 0;
        }
        return wish.weights().repetition()
                + movePoints.of(
                        Reason.CONTRAST,
                        move,
                        Optional.of(before.edge().move().dancing().figure()));
    }

    private boolean isComplete(Sequence sequence) {
        return sequence.edge() != null
                && sequence.length() >= timeline.least()
                && sequence.mask() == graph.allRequired()
                && sequence.corners() == 0
                && graph.arrives(sequence.node());
    }

    /**
     * What a sequence that somebody else has put together would count, by the same points as the composer's own; the
     * room and the figures that are required are left out of account.
     *
     * @param moves what is danced, one after another, at least one
     */
    public static Composition appraise(Repertoire repertoire, Wish wish, List<Move> moves) {
        Composer composer = new Composer(repertoire, wish.withSides(List.of()), () -> false);
        Map<String, Integer> numbers = new HashMap<>();
        StepRates rates = new StepRates(repertoire);
        Sequence sequence = null;
        for (Move move : moves) {
            int from = sequence == null ? 0 : sequence.length();
            Edge edge = new Edge(
                    move,
                    0,
                    0,
                    composer.timeline.units(move.dancing().length()),
                    0,
                    0,
                    wish.choice().highlights().contains(move.dancing().figure().id()),
                    move.dancing().figure().level().ordinal(),
                    0,
                    Bookends.isBegun(move.dancing()),
                    numbers.computeIfAbsent(move.dancing().figure().id(), id -> numbers.size()),
                    rates.of(move.dancing()));
            sequence = new Sequence(
                    sequence,
                    edge,
                    false,
                    0,
                    from + edge.length(),
                    0,
                    0,
                    0,
                    0,
                    0,
                    sequence == null ? 0 : sequence.pairsWith(edge.figure()),
                    new int[0],
                    0);
        }
        Composition composition = composer.composition(sequence.ended(0, 0));
        int points = composition.reasons().values().stream()
                .mapToInt(Integer::intValue)
                .sum();
        return new Composition(composition.steps(), composition.length(), points, composition.reasons());
    }

    private Composition composition(Sequence ended) {
        Sequence last = ended.before();
        Map<Reason, Integer> reasons = new EnumMap<>(Reason.class);
        for (Reason reason : Reason.values()) {
            reasons.put(reason, 0);
        }
        List<Piece> pieces = new ArrayList<>();
        Optional<Figure> before = wish.from().flatMap(Wish.Beginning::last);
        for (Sequence each : last.moves()) {
            int onset = each.onset();
            Edge edge = each.edge();
            Move move = edge.move();
            for (Reason reason : MovePoints.REASONS) {
                reasons.merge(reason, movePoints.of(reason, move, before), Integer::sum);
            }
            reasons.merge(Reason.PHRASE_STARTS, timeline.phrasePoints(edge.begun(), onset), Integer::sum);
            reasons.merge(Reason.HIGHLIGHTS_ON_HITS, timeline.hitPoints(edge.highlight(), onset), Integer::sum);
            reasons.merge(
                    Reason.SPARSE_AND_FULL,
                    timeline.fullnessPoints(edge.fullness(), edge.length(), onset),
                    Integer::sum);
            reasons.merge(Reason.DIFFICULTY, timeline.arcPoints(edge.level(), onset), Integer::sum);
            if (each.corner()) {
                int covered = (each.before() == null ? 0 : each.before().covered()) + edge.covers();
                reasons.merge(Reason.GROUND_COVERED, sidePoints(each.corners() + 1, covered), Integer::sum);
            }
            reasons.merge(
                    Reason.REPETITION, each.before() == null ? 0 : -repetition(each.before(), edge), Integer::sum);
            pieces.add(new Piece(move.dancing(), move.facing(), move.outcome(), timeline.beats(onset), each.corner()));
            before = Optional.of(move.dancing().figure());
        }
        reasons.merge(Reason.GROUND_COVERED, sidePoints(0, last.covered()), Integer::sum);
        return new Composition(pieces, timeline.beats(last.length()), ended.points(), reasons);
    }
}
