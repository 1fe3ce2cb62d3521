package fluidframe.core.compose;

import fluidframe.core.compose.Composition.Piece;
import fluidframe.core.compose.Composition.Reason;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;

/**
 * Finds the best sequences for a wish. First the best that could still be reached is worked out for every state, length and
 * set of required figures, leaving repetition out of account; that never says too little. Then sequences are taken
 * up in the order of what they have plus what they could still reach, so the first to be complete is the best. Where
 * repetition makes too many sequences promising, the search ends at a number of sequences, not at a time, so the same
 * question has the same answer; then the most promising few of each length are carried through to the end, and the answer
 * says how much better another could be at most; where they have as many points as any could have, they are the best all the same.
 */
public final class Composer {

    private static final int MOST_OPEN = 250_000;
    /** How many of each length are carried on, fewer where there are many lengths. */
    private static final int MOST_CARRIED = 120;
    private static final int CARRIED_IN_ALL = 8000;
    /** For each that is carried on so many are looked at. */
    private static final int LOOKED_AT_EACH = 6;
    /** Sequences that have covered less than so many centimetres more or less are alike. */
    private static final int ALIKE = 100;
    private static final int CHECK_EVERY = 256;
    private static final int NEVER = Integer.MIN_VALUE / 4;
    /** What is remembered is shifted by so much, so that nothing remembered is zero. */
    private static final int SHIFT = 1 << 30;
    private static final int UNKNOWN = 0;
    private static final int NO_LEVEL = -1;

    private final Repertoire repertoire;
    private final Wish wish;
    private final Watch watch;
    private final Map<String, Integer> requiredBits = new HashMap<>();
    private final int unit;
    private final int most;
    private final int least;
    private final Map<Node, Integer> indices = new HashMap<>();
    private final List<Node> nodes = new ArrayList<>();
    private final List<Edge[]> edges = new ArrayList<>();
    private final List<int[][]> reach = new ArrayList<>();
    private final Map<Group, Integer> groupIndices = new HashMap<>();
    private final List<Integer> groupOf = new ArrayList<>();
    private final List<Group> groups = new ArrayList<>();
    private final List<GroupEdges> groupEdges = new ArrayList<>();
    private final List<int[][]> groupReach = new ArrayList<>();
    private final List<Edge[]> listedEdges = new ArrayList<>();
    private final Map<ExitState, Map<String, List<Move>>> movesByFigure = new HashMap<>();
    private final Map<String, Set<String>> listedIds = new HashMap<>();
    private final int masks;
    /** Whether every listed link would bend, and so be allowed, if it were not listed. */
    private final boolean listingIsBounded;
    private final int listingGains;
    private final int[] limits;
    /** What the music gives at each point of time: for beginning a phrase, for a highlight, for a figure of a level. */
    private final int[] phrasePoints;
    private final int[] hitPoints;
    private final int[] wantedLevels;
    private final int[] sides;
    private final Ground ground = new Ground();
    private final int carried;
    /** While the most promising are carried on: what a sequence of each length must promise at least. */
    private int[] floors = new int[0];

    private record Node(Optional<Figure> last, ExitState exit) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Node node && node.exit.equals(exit) && node.last.map(Figure::id).equals(last.map(Figure::id));
        }

        @Override
        public int hashCode() {
            return 31 * exit.hashCode() + last.map(Figure::id).hashCode();
        }
    }

    /**
     * States after figures about which the syllabus says nothing in particular: what can follow them is the same for all of
     * them but for the few figures it lists, so most of what they can reach is worked out once.
     *
     * @param lists whether the figure before lists its neighbours, so that every other one bends
     */
    private record Group(ExitState exit, boolean lists) {
    }

    /**
     * The moves a group has in common. Most figures list nobody that could follow them, so what can be reached after them depends on their group alone;
     * of moves to the same group that gain the same in every bar the best stands for all.
     *
     * @param toGroups  one move for each group it leads to, and each length, level and required figure
     * @param toListing moves to figures that list what may follow them
     */
    private record GroupEdges(Edge[] toGroups, Edge[] toListing) {
    }

    /**
     * A move in numbers: where it leads, how long it is, its points but for those of its place in the music and for repetition, its bit among the
     * required figures, and how far it carries the couple along the side, centimetres.
     */
    private record Edge(Move move, int to, int toRoundCorner, int length, int points, int bit, boolean highlight, int level, int covers) {
    }

    private Composer(Repertoire repertoire, Wish wish, Watch watch) {
        this.repertoire = repertoire;
        this.wish = wish;
        this.watch = watch;
        wish.required().stream().sorted().forEach(id -> requiredBits.put(id, 1 << requiredBits.size()));
        this.unit = unit(repertoire, wish);
        this.masks = 1 << requiredBits.size();
        this.listingIsBounded = wish.bends() && !repertoire.terms().syllabus();
        this.listingGains = wish.weights().bend() + wish.weights().neighbour();
        this.most = wish.most().ticks() / unit;
        this.carried = Math.max(1, Math.min(MOST_CARRIED, CARRIED_IN_ALL / Math.max(1, most)));
        this.least = (wish.least().ticks() + unit - 1) / unit;
        this.limits = limits();
        this.phrasePoints = new int[most + 1];
        this.hitPoints = new int[most + 1];
        this.wantedLevels = new int[most + 1];
        music();
        this.sides = wish.sides().stream().mapToInt(Ground::centimetres).toArray();
    }

    /** For every point of time the first boundary after it, which no figure that begins there may pass. */
    private int[] limits() {
        int[] found = new int[most + 1];
        int next = Integer.MAX_VALUE;
        Set<Integer> boundaries = new HashSet<>();
        wish.phrasing().boundaries().forEach(boundary -> boundaries.add(boundary.ticks() / unit));
        for (int at = most; at >= 0; at--) {
            found[at] = next;
            next = boundaries.contains(at) ? at : next;
        }
        return found;
    }

    private void music() {
        Arc arc = arc();
        int phrase = wish.phrasing().phrase().ticks() / unit;
        Set<Integer> hits = new HashSet<>();
        wish.phrasing().hits().forEach(hit -> hits.add(hit.ticks() / unit));
        for (int at = 0; at <= most; at++) {
            phrasePoints[at] = at % phrase == 0 ? wish.weights().phrase() : 0;
            hitPoints[at] = hits.contains(at) ? wish.weights().hit() : 0;
            wantedLevels[at] = arc.bends() ? arc.level(at) : NO_LEVEL;
        }
    }

    private Arc arc() {
        Level easiest = Level.OPEN;
        Level hardest = Level.PRE_BRONZE;
        for (Dancing dancing : repertoire.dancings()) {
            Level level = dancing.figure().level();
            easiest = level.compareTo(easiest) < 0 ? level : easiest;
            hardest = level.compareTo(hardest) > 0 ? level : hardest;
        }
        return new Arc(easiest, hardest, most);
    }

    /**
     * @param watch is told how far the search is, and may end it
     */
    public static Answer compose(Repertoire repertoire, Wish wish, Watch watch) {
        Answer answer = search(repertoire, wish, watch);
        boolean none = answer.compositions().isEmpty() && answer.exact() && !watch.stops();
        return none ? answer.with(Relaxations.smallest(repertoire, wish, watch)) : answer;
    }

    static Answer search(Repertoire repertoire, Wish wish, Watch watch) {
        return new Composer(repertoire, wish, watch).search();
    }

    /** The longest time of which every figure's length is a multiple, ticks. */
    private static int unit(Repertoire repertoire, Wish wish) {
        int unit = 0;
        for (Dancing dancing : repertoire.dancings()) {
            unit = greatestCommonDivisor(unit, dancing.length().ticks());
        }
        unit = greatestCommonDivisor(unit, wish.phrasing().phrase().ticks());
        for (Beats boundary : wish.phrasing().boundaries()) {
            unit = greatestCommonDivisor(unit, boundary.ticks());
        }
        for (Beats hit : wish.phrasing().hits()) {
            unit = greatestCommonDivisor(unit, hit.ticks());
        }
        return Math.max(1, unit);
    }

    private static int greatestCommonDivisor(int a, int b) {
        return b == 0 ? a : greatestCommonDivisor(b, a % b);
    }

    /** A sequence begun: what was danced last, and the sequence before it. */
    private static final class Sequence {

        private final Sequence before;
        private final Edge edge;
        private final boolean corner;
        private final int node;
        private final int length;
        private final int mask;
        private final int corners;
        private final int covered;
        private final int points;
        private final int promise;
        private final long order;

        Sequence(Sequence before, Edge edge, boolean corner, int node, int length, int mask, int corners, int covered, int points, int promise, long order) {
            this.before = before;
            this.edge = edge;
            this.corner = corner;
            this.node = node;
            this.length = length;
            this.mask = mask;
            this.corners = corners;
            this.covered = covered;
            this.points = points;
            this.promise = promise;
            this.order = order;
        }
    }

    private Answer search() {
        Comparator<Sequence> best = Comparator.<Sequence>comparingInt(sequence -> -sequence.promise).thenComparingInt(sequence -> -sequence.length)
                .thenComparingLong(sequence -> sequence.order);
        PriorityQueue<Sequence> open = new PriorityQueue<>(best);
        long order = 0;
        int all = (1 << requiredBits.size()) - 1;
        for (Sequence first : beginnings()) {
            open.add(first);
        }
        List<Composition> found = new ArrayList<>();
        int taken = 0;
        while (!open.isEmpty() && found.size() < wish.answers()) {
            if (open.size() > MOST_OPEN || ++taken % CHECK_EVERY == 0 && ends(taken, found)) {
                return carriedThrough(found, open.peek().promise, all);
            }
            Sequence sequence = open.poll();
            if (sequence.edge == null && sequence.before != null) {
                Composition composition = composition(sequence);
                if (found.stream().allMatch(composition::reallyDiffersFrom)) {
                    found.add(composition);
                }
                continue;
            }
            if (isComplete(sequence, all)) {
                open.add(ended(sequence, ++order));
            }
            for (Edge edge : edges(sequence.node)) {
                order = extend(sequence, edge, open, order);
            }
        }
        int bound = found.isEmpty() ? 0 : found.get(0).points();
        return new Answer(found, true, bound, List.of());
    }

    /** A complete sequence with the points of its last side. */
    private Sequence ended(Sequence whole, long order) {
        int points = whole.points + sidePoints(0, whole.covered);
        return new Sequence(whole, null, false, whole.node, whole.length, whole.mask, whole.corners, whole.covered, points, points, order);
    }

    private boolean ends(int taken, List<Composition> found) {
        watch.saw(taken, found.size());
        return watch.stops();
    }

    /** The most promising sequences of each length, carried on to the next; what is complete among them, the best first. */
    private Answer carriedThrough(List<Composition> proved, int bound, int all) {
        List<List<Sequence>> byLength = new ArrayList<>();
        for (int length = 0; length <= most; length++) {
            byLength.add(new ArrayList<>());
        }
        beginnings().forEach(first -> byLength.get(first.length).add(first));
        floors = new int[most + 1];
        Arrays.fill(floors, NEVER);
        List<Sequence> complete = new ArrayList<>();
        for (int length = 0; length <= most && !watch.stops(); length++) {
            for (Sequence sequence : mostPromising(byLength.get(length))) {
                if (isComplete(sequence, all)) {
                    complete.add(ended(sequence, 0));
                }
                List<Sequence> longer = new ArrayList<>();
                for (Edge edge : edges(sequence.node)) {
                    extend(sequence, edge, longer, 0);
                }
                for (Sequence each : longer) {
                    byLength.get(each.length).add(each);
                    trim(byLength.get(each.length), each.length);
                }
            }
        }
        complete.sort(Comparator.comparingInt(sequence -> -sequence.points));
        List<Composition> found = new ArrayList<>(proved);
        for (Sequence sequence : complete) {
            Composition composition = composition(sequence);
            if (found.size() < wish.answers() && found.stream().allMatch(composition::reallyDiffersFrom)) {
                found.add(composition);
            }
        }
        int most = proved.isEmpty() ? bound : Math.max(bound, proved.get(0).points());
        boolean bestPossible = found.size() == wish.answers() && found.stream().skip(proved.size()).allMatch(composition -> composition.points() == bound);
        return new Answer(found, bestPossible, most, List.of());
    }

    /** Once twice as many are waiting as are looked at, the less promising half goes, and nothing as poor comes in any more. */
    private void trim(List<Sequence> sequences, int length) {
        if (sequences.size() >= 2 * LOOKED_AT_EACH * carried) {
            sequences.sort(Comparator.<Sequence>comparingInt(sequence -> -sequence.promise).thenComparingInt(sequence -> sequence.node));
            sequences.subList(LOOKED_AT_EACH * carried, sequences.size()).clear();
            floors[length] = sequences.get(sequences.size() - 1).promise;
        }
    }

    /** At most a few, and of sequences that are at the same state after the same last figures only the best. */
    private List<Sequence> mostPromising(List<Sequence> sequences) {
        sequences.sort(Comparator.<Sequence>comparingInt(sequence -> -sequence.promise).thenComparingInt(sequence -> sequence.node));
        Map<List<Object>, Sequence> kept = new LinkedHashMap<>();
        for (Sequence sequence : sequences) {
            if (kept.size() >= carried) {
                break;
            }
            kept.putIfAbsent(List.of(sequence.node, sequence.mask, sequence.corners, sequence.covered / ALIKE, inWindow(sequence)), sequence);
        }
        return List.copyOf(kept.values());
    }

    private List<String> inWindow(Sequence sequence) {
        List<String> ids = new ArrayList<>();
        for (Sequence each = sequence; each != null && each.edge != null && sequence.length - (each.length - each.edge.length()) < wish.window().ticks() / unit; each = each.before) {
            ids.add(each.edge.move().dancing().figure().id());
        }
        return ids;
    }

    private List<Sequence> beginnings() {
        List<Sequence> firsts = new ArrayList<>();
        if (wish.from().isPresent()) {
            int node = index(new Node(wish.from().get().last(), wish.from().get().exit()));
            firsts.add(new Sequence(null, null, false, node, 0, 0, wish.corners(), 0, 0, Math.max(NEVER, reach(node, 0, 0, wish.corners())), 0));
            return firsts;
        }
        long order = 0;
        for (Move move : repertoire.beginnings()) {
            if (!wish.forbidden().contains(move.dancing().figure().id())) {
                Edge edge = edge(move, Optional.empty());
                for (boolean corner : corners(wish.corners())) {
                    add(null, edge, corner, 0, firsts, ++order);
                }
            }
        }
        return firsts;
    }

    private static boolean[] corners(int left) {
        return left > 0 ? new boolean[] {false, true} : new boolean[] {false};
    }

    private long extend(Sequence sequence, Edge edge, Collection<Sequence> open, long order) {
        int repeats = repeats(sequence, edge);
        long next = order;
        if (repeats < wish.mostTimes()) {
            int points = sequence.points - (repeats > 0 ? wish.weights().repetition() : 0);
            for (boolean corner : corners(sequence.corners)) {
                add(sequence, edge, corner, points, open, ++next);
            }
        }
        return next;
    }

    private void add(Sequence before, Edge edge, boolean corner, int points, Collection<Sequence> sequences, long order) {
        int from = before == null ? 0 : before.length;
        int mask = (before == null ? 0 : before.mask) | edge.bit();
        int cornersLeft = before == null ? wish.corners() : before.corners;
        int length = from + edge.length();
        int covered = (before == null ? 0 : before.covered) + edge.covers();
        if (length > most || length > limits[from] || sides.length > 0 && covered > side(cornersLeft)) {
            return;
        }
        int node = corner ? edge.toRoundCorner() : edge.to();
        int left = cornersLeft - (corner ? 1 : 0);
        int now = points + edge.points() + musicPoints(edge, from) + (corner ? sidePoints(cornersLeft, covered) : 0);
        int more = reach(node, length, mask, left);
        int promise = now + more + (sides.length > 0 ? (left + 1) * wish.weights().ground() : 0);
        boolean poor = length < floors.length && promise <= floors[length];
        if (more > NEVER && !poor) {
            sequences.add(new Sequence(before, edge, corner, node, length, mask, left, corner ? 0 : covered, now, promise, order));
        }
    }

    /** Centimetres of the side that is danced while so many corners are still to come. */
    private int side(int cornersLeft) {
        return sides[sides.length - 1 - cornersLeft];
    }

    /** The points of a side once it has been left, in proportion to how much of it was used. */
    private int sidePoints(int cornersLeft, int covered) {
        return sides.length == 0 ? 0 : Math.max(0, covered) * wish.weights().ground() / Math.max(1, side(cornersLeft));
    }

    /** The points of a figure for beginning where it does. */
    private int musicPoints(Edge edge, int at) {
        return phrasePoints[at] + hitPoints(edge, at) + arcPoints(edge, at);
    }

    private int hitPoints(Edge edge, int at) {
        return edge.highlight() ? hitPoints[at] : 0;
    }

    private int arcPoints(Edge edge, int at) {
        return edge.level() == wantedLevels[at] ? wish.weights().difficulty() : 0;
    }

    /** How often the figure already begins in the window that ends with it. */
    private int repeats(Sequence sequence, Edge edge) {
        String id = edge.move().dancing().figure().id();
        int window = wish.window().ticks() / unit;
        int count = 0;
        for (Sequence each = sequence; each != null && each.edge != null; each = each.before) {
            int onset = each.length - each.edge.length();
            if (sequence.length - onset >= window) {
                break;
            }
            count += each.edge.move().dancing().figure().id().equals(id) ? 1 : 0;
        }
        return count;
    }

    private boolean isComplete(Sequence sequence, int all) {
        return sequence.edge != null && sequence.length >= least && sequence.mask == all && sequence.corners == 0 && arrives(sequence.node);
    }

    private boolean arrives(int node) {
        return wish.to().map(next -> repertoire.meets(nodes.get(node).last(), nodes.get(node).exit(), next))
                .map(outcome -> outcome == Outcome.HOLDS || wish.bends() && outcome == Outcome.BENDS).orElse(true);
    }

    /** The most points that can still come, repetition left out; {@link #NEVER} if the wish cannot be met from here. */
    private int reach(int node, int length, int mask, int corners) {
        boolean complete = length > 0 && length >= least && mask == masks - 1 && corners == 0 && arrives(node);
        int alone = Math.max(complete ? 0 : NEVER, groupReach(groupOf.get(node), length, mask, corners));
        Edge[] listed = listed(node);
        if (listed.length == 0) {
            return alone;
        }
        int[] known = remembered(reach, node, mask);
        int index = memory(length, corners);
        if (known[index] == UNKNOWN) {
            known[index] = SHIFT + bestOfListing(listed, alone, length, mask, corners);
        }
        return known[index] - SHIFT;
    }

    private int groupReach(int group, int length, int mask, int corners) {
        int index = memory(length, corners);
        int[] known = remembered(groupReach, group, mask);
        if (known[index] == UNKNOWN) {
            GroupEdges edges = groupEdges(group);
            int best = bestOfGroups(edges.toGroups(), length, mask, corners);
            known[index] = SHIFT + bestOfListing(edges.toListing(), best, length, mask, corners);
        }
        return known[index] - SHIFT;
    }

    private int memory(int length, int corners) {
        return length * (wish.corners() + 1) + corners;
    }

    /** Of most nodes only few sets of required figures are ever asked for. */
    private int[] remembered(List<int[][]> memory, int index, int mask) {
        while (memory.size() <= index) {
            memory.add(null);
        }
        if (memory.get(index) == null) {
            memory.set(index, new int[masks][]);
        }
        int[][] ofNode = memory.get(index);
        if (ofNode[mask] == null) {
            ofNode[mask] = new int[(most + 1) * (wish.corners() + 1)];
        }
        return ofNode[mask];
    }

    /** As if no figure listed what may follow it. */
    private int bestOfGroups(Edge[] from, int length, int mask, int corners) {
        int best = NEVER;
        for (Edge edge : from) {
            int longer = length + edge.length();
            if (longer <= most && longer <= limits[length]) {
                int gained = edge.points() + musicPoints(edge, length);
                best = Math.max(best, add(gained, reachOfGroup(groupOf.get(edge.to()), longer, mask | edge.bit(), corners)));
                if (corners > 0) {
                    best = Math.max(best, add(gained, reachOfGroup(groupOf.get(edge.toRoundCorner()), longer, mask | edge.bit(), corners - 1)));
                }
            }
        }
        return best;
    }

    /**
     * The better of what is known and what can be reached by figures that list what may follow them. Where links may bend, listing gains a figure no
     * more than a bend avoided and a recommended link, so most need not be looked at closely.
     */
    private int bestOfListing(Edge[] from, int known, int length, int mask, int corners) {
        int best = known;
        for (Edge edge : from) {
            int longer = length + edge.length();
            if (longer <= most && longer <= limits[length]) {
                int gained = edge.points() + musicPoints(edge, length);
                int promised = gained + listingGains;
                if (!listingIsBounded || promised + reachOfGroup(groupOf.get(edge.to()), longer, mask | edge.bit(), corners) > best) {
                    best = Math.max(best, add(gained, reach(edge.to(), longer, mask | edge.bit(), corners)));
                }
                if (corners > 0 && (!listingIsBounded
                        || promised + reachOfGroup(groupOf.get(edge.toRoundCorner()), longer, mask | edge.bit(), corners - 1) > best)) {
                    best = Math.max(best, add(gained, reach(edge.toRoundCorner(), longer, mask | edge.bit(), corners - 1)));
                }
            }
        }
        return best;
    }

    private int reachOfGroup(int group, int length, int mask, int corners) {
        boolean complete = length >= least && mask == masks - 1 && corners == 0;
        return Math.max(complete ? 0 : NEVER, groupReach(group, length, mask, corners));
    }

    private int group(Node node) {
        boolean lists = node.last().map(figure -> !figure.neighbours().precedes().isEmpty()).orElse(false);
        return groupIndices.computeIfAbsent(new Group(node.exit(), lists), added -> {
            groups.add(added);
            groupEdges.add(null);
            return groups.size() - 1;
        });
    }

    /** The moves a group has in common: as if the syllabus listed none of them. Of moves to the same state the best is kept. */
    private GroupEdges groupEdges(int group) {
        if (groupEdges.get(group) == null) {
            Map<List<Integer>, Edge> best = new LinkedHashMap<>();
            for (Move move : repertoire.bodies(groups.get(group).exit())) {
                Figure figure = move.dancing().figure();
                boolean lists = groups.get(group).lists() || !figure.neighbours().follows().isEmpty();
                Outcome outcome = repertoire.terms().syllabus() ? Outcome.BREAKS : lists ? Outcome.BENDS.worse(move.outcome()) : move.outcome();
                if (isAllowed(outcome, figure)) {
                    Edge edge = edge(new Move(move.dancing(), move.facing(), outcome, move.exit()), Optional.empty());
                    best.merge(List.of(edge.to(), edge.length(), edge.covers()), edge, (a, b) -> a.points() >= b.points() ? a : b);
                }
            }
            groupEdges.set(group, parted(best.values()));
        }
        return groupEdges.get(group);
    }

    private GroupEdges parted(Collection<Edge> edges) {
        Map<List<Object>, Edge> toGroups = new LinkedHashMap<>();
        List<Edge> toListing = new ArrayList<>();
        for (Edge edge : edges) {
            if (wish.to().isPresent() || listed(edge.to()).length > 0 || wish.corners() > 0 && listed(edge.toRoundCorner()).length > 0) {
                toListing.add(edge);
            }
            if (wish.to().isEmpty()) {
                toGroups.merge(List.of(groupOf.get(edge.to()), wish.corners() > 0 ? groupOf.get(edge.toRoundCorner()) : 0, edge.length(), edge.bit(), edge.level(),
                        edge.highlight()), edge, (a, b) -> a.points() >= b.points() ? a : b);
            }
        }
        return new GroupEdges(toGroups.values().toArray(Edge[]::new), toListing.toArray(Edge[]::new));
    }

    private boolean isAllowed(Outcome outcome, Figure figure) {
        return outcome != Outcome.BREAKS && (wish.bends() || outcome == Outcome.HOLDS) && !wish.forbidden().contains(figure.id());
    }

    /** The moves to figures that the syllabus lists after the last one. */
    private Edge[] listed(int node) {
        while (listedEdges.size() <= node) {
            listedEdges.add(null);
        }
        if (listedEdges.get(node) == null) {
            List<Edge> edges = new ArrayList<>();
            nodes.get(node).last().ifPresent(last -> {
                Map<String, List<Move>> byFigure = byFigure(nodes.get(node).exit());
                for (String id : listedAfter(last)) {
                    for (Move move : byFigure.getOrDefault(id, List.of())) {
                        if (isAllowed(move.outcome(), move.dancing().figure())) {
                            edges.add(edge(move, Optional.of(last)));
                        }
                    }
                }
            });
            listedEdges.set(node, edges.toArray(Edge[]::new));
        }
        return listedEdges.get(node);
    }

    private Map<String, List<Move>> byFigure(ExitState exit) {
        return movesByFigure.computeIfAbsent(exit, left -> {
            Map<String, List<Move>> moves = new HashMap<>();
            repertoire.bodies(left).forEach(move -> moves.computeIfAbsent(move.dancing().figure().id(), added -> new ArrayList<>()).add(move));
            return moves;
        });
    }

    /** The figures of the repertoire that the syllabus lists after a figure, in its order. */
    private Set<String> listedAfter(Figure last) {
        return listedIds.computeIfAbsent(last.id(), id -> {
            Set<String> ids = new LinkedHashSet<>();
            repertoire.dancings().stream().map(Dancing::figure).filter(figure -> Neighbours.areListed(last, figure)).forEach(figure -> ids.add(figure.id()));
            return ids;
        });
    }

    private static int add(int gained, int more) {
        return more <= NEVER ? NEVER : gained + more;
    }

    private int index(Node node) {
        return indices.computeIfAbsent(node, added -> {
            nodes.add(added);
            edges.add(null);
            groupOf.add(group(added));
            return nodes.size() - 1;
        });
    }

    private Edge[] edges(int node) {
        if (edges.get(node) == null) {
            edges.set(node, edgesOf(nodes.get(node)));
        }
        return edges.get(node);
    }

    /** Of several ways to the same state in the same time only the best is kept: nothing later can tell them apart. */
    private Edge[] edgesOf(Node node) {
        Map<List<Integer>, Edge> best = new LinkedHashMap<>();
        for (Move move : repertoire.after(node.last(), node.exit())) {
            if (isAllowed(move.outcome(), move.dancing().figure())) {
                Edge edge = edge(move, node.last());
                best.merge(List.of(edge.to(), edge.length(), edge.covers()), edge, (a, b) -> a.points() >= b.points() ? a : b);
            }
        }
        return best.values().toArray(Edge[]::new);
    }

    private Edge edge(Move move, Optional<Figure> last) {
        Figure figure = move.dancing().figure();
        int points = 0;
        for (int each : reasons(move, last).values()) {
            points += each;
        }
        return new Edge(move, index(new Node(Optional.of(figure), move.exit())), index(new Node(Optional.of(figure), move.exit().afterCorner())),
                move.dancing().length().ticks() / unit, points, requiredBits.getOrDefault(figure.id(), 0), wish.choice().highlights().contains(figure.id()),
                figure.level().ordinal(),
                sides.length > 0 ? ground.covered(move) : 0);
    }

    /** The points of a move by reason, but for phrase and repetition. */
    private Map<Reason, Integer> reasons(Move move, Optional<Figure> last) {
        Weights weights = wish.weights();
        Figure figure = move.dancing().figure();
        Map<Reason, Integer> reasons = new EnumMap<>(Reason.class);
        reasons.put(Reason.BENDS, move.outcome() == Outcome.BENDS ? -weights.bend() : 0);
        boolean listed = last.filter(before -> Neighbours.areListed(before, figure)).isPresent();
        reasons.put(Reason.RECOMMENDED_LINKS, listed ? weights.neighbour() : 0);
        reasons.put(Reason.FAVOURITES, wish.choice().favourites().contains(figure.id()) ? weights.favourite() : 0);
        reasons.put(Reason.NOT_AS_CHARTED, move.dancing().way().isAsCharted() ? 0 : -weights.charted());
        return reasons;
    }

    private Composition composition(Sequence ended) {
        Sequence last = ended.before;
        List<Sequence> sequences = new ArrayList<>();
        for (Sequence each = last; each != null && each.edge != null; each = each.before) {
            sequences.add(each);
        }
        Collections.reverse(sequences);
        Map<Reason, Integer> reasons = new EnumMap<>(Reason.class);
        for (Reason reason : Reason.values()) {
            reasons.put(reason, 0);
        }
        List<Piece> pieces = new ArrayList<>();
        Optional<Figure> before = wish.from().flatMap(Wish.Beginning::last);
        for (Sequence each : sequences) {
            int onset = each.length - each.edge.length();
            Move move = each.edge.move();
            reasons(move, before).forEach((reason, points) -> reasons.merge(reason, points, Integer::sum));
            reasons.merge(Reason.PHRASE_STARTS, phrasePoints[onset], Integer::sum);
            reasons.merge(Reason.HIGHLIGHTS_ON_HITS, hitPoints(each.edge, onset), Integer::sum);
            reasons.merge(Reason.DIFFICULTY, arcPoints(each.edge, onset), Integer::sum);
            if (each.corner) {
                int covered = (each.before == null ? 0 : each.before.covered) + each.edge.covers();
                reasons.merge(Reason.GROUND_COVERED, sidePoints(each.corners + 1, covered), Integer::sum);
            }
            boolean repeated = each.before != null && repeats(each.before, each.edge) > 0;
            reasons.merge(Reason.REPETITION, repeated ? -wish.weights().repetition() : 0, Integer::sum);
            pieces.add(new Piece(move.dancing(), move.facing(), move.outcome(), new Beats(onset * unit), each.corner));
            before = Optional.of(move.dancing().figure());
        }
        reasons.merge(Reason.GROUND_COVERED, sidePoints(0, last.covered), Integer::sum);
        return new Composition(pieces, new Beats(last.length * unit), ended.points, reasons);
    }
}
