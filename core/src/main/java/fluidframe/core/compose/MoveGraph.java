package fluidframe.core.compose;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;

/**
 * What a wish allows to follow what, in numbers. A node is a state of the couple after a figure; an edge is a figure
 * danced from there.
 *
 * <p>The syllabus lists few neighbours, so most nodes differ from others only in the few figures they list: the moves
 * of all others depend on the node's {@link Group} alone. Nodes that list nobody share their group's column; the others
 * have columns of their own, behind those of the groups.
 */
final class MoveGraph {

    /**
     * A move in numbers: where it leads, how long it is, its points but for those of its place in the music and for
     * repetition, its bit among the required figures, how far it carries the couple along the side, centimetres,
     * whether it is begun at its beginning, the number of its figure, and how many steps it has for its time.
     */
    record Edge(
            Move move,
            int to,
            int toRoundCorner,
            int length,
            int points,
            int bit,
            boolean highlight,
            int level,
            int covers,
            boolean begun,
            int figure,
            Fullness fullness) {}

    private record Node(Optional<Figure> last, ExitState exit, boolean closes) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Node node
                    && node.closes == closes
                    && node.exit.equals(exit)
                    && node.last.map(Figure::id).equals(last.map(Figure::id));
        }

        @Override
        public int hashCode() {
            return 31 * exit.hashCode() + last.map(Figure::id).hashCode();
        }
    }

    /**
     * What the moves after a node have in common.
     *
     * @param lists whether the figure before lists its neighbours, so that every other one bends
     * @param binds whether the syllabus speaks of the figure before at all
     * @param closes whether the routine may end here
     */
    private record Group(ExitState exit, boolean lists, boolean binds, boolean closes) {}

    private record Landing(int to, int length, int covers, boolean begun, int bit, Fullness fullness) {}

    private record Alike(
            int column,
            int columnRoundCorner,
            int length,
            int bit,
            int level,
            boolean highlight,
            boolean begun,
            Fullness fullness) {}

    private final Repertoire repertoire;
    private final Wish wish;
    private final Timeline timeline;
    private final MovePoints points;
    private final Ground ground = new Ground();
    private final StepRates rates;
    private final Map<String, Integer> requiredBits = new HashMap<>();
    private final Map<Node, Integer> indices = new HashMap<>();
    private final List<Node> nodes = new ArrayList<>();
    private final List<Edge[]> edges = new ArrayList<>();
    private final Map<Group, Integer> groupIndices = new LinkedHashMap<>();
    private final List<Integer> groupOf = new ArrayList<>();
    private final List<Edge[]> listed = new ArrayList<>();
    private final Map<ExitState, Map<String, List<Move>>> movesByFigure = new HashMap<>();
    private final Map<String, Integer> numbers = new HashMap<>();
    private final Map<Dancing, Boolean> closing = new HashMap<>();
    private final Map<String, Set<String>> listedIds = new HashMap<>();
    private final List<Edge> beginnings = new ArrayList<>();
    private final Optional<Integer> start;
    private final List<Edge[]> columnEdges = new ArrayList<>();
    private final int[] columns;

    MoveGraph(Repertoire repertoire, Wish wish, Timeline timeline, MovePoints points) {
        this.repertoire = repertoire;
        this.wish = wish;
        this.timeline = timeline;
        this.points = points;
        this.rates = new StepRates(repertoire);
        wish.required().stream().sorted().forEach(id -> requiredBits.put(id, 1 << requiredBits.size()));
        this.start = wish.from().map(from -> index(new Node(from.last(), from.exit(), false)));
        if (start.isEmpty()) {
            repertoire.beginnings().stream()
                    .filter(move -> isAllowed(move.outcome(), move.dancing())
                            && (!wish.taste().opens() || Bookends.opens(move.dancing())))
                    .forEach(move -> beginnings.add(edge(move, points.of(move, Optional.empty()))));
        }
        List<Edge[]> common = explored();
        this.columns = columns();
        common.forEach(each -> columnEdges.add(alike(each)));
        for (int node = 0; node < nodes.size(); node++) {
            if (columns[node] == columnEdges.size()) {
                columnEdges.add(listed.get(node));
            }
        }
    }

    /** Every node that can be reached, with its listed edges; and the edges each group has in common. */
    private List<Edge[]> explored() {
        List<Edge[]> common = new ArrayList<>();
        List<Group> groups = new ArrayList<>();
        while (listed.size() < nodes.size() || common.size() < groupIndices.size()) {
            while (listed.size() < nodes.size()) {
                listed.add(listed(nodes.get(listed.size())));
            }
            groupIndices.keySet().stream().skip(groups.size()).forEach(groups::add);
            while (common.size() < groups.size()) {
                common.add(common(groups.get(common.size())));
            }
        }
        return common;
    }

    private int[] columns() {
        int[] found = new int[nodes.size()];
        int next = groupIndices.size();
        for (int node = 0; node < found.length; node++) {
            found[node] = listed.get(node).length == 0 && wish.to().isEmpty() ? groupOf.get(node) : next++;
        }
        return found;
    }

    /** The node the wish begins at, if it does not begin anywhere. */
    Optional<Integer> start() {
        return start;
    }

    /** The first figures, where the wish begins anywhere. */
    List<Edge> beginnings() {
        return beginnings;
    }

    /** The set of all required figures, each a bit. */
    int allRequired() {
        return (1 << requiredBits.size()) - 1;
    }

    int required() {
        return requiredBits.size();
    }

    int groups() {
        return groupIndices.size();
    }

    int columnCount() {
        return columnEdges.size();
    }

    /** The column a node shares with all from which the same can still be reached. */
    int column(int node) {
        return columns[node];
    }

    int groupOf(int node) {
        return groupOf.get(node);
    }

    int nodeCount() {
        return nodes.size();
    }

    /** The edges of a column; those of a column behind the groups come on top of its group's. */
    Edge[] columnEdges(int column) {
        return columnEdges.get(column);
    }

    /** Whether what is to follow the composition can follow here. */
    boolean arrives(int node) {
        return wish.to()
                .map(next ->
                        repertoire.meets(nodes.get(node).last(), nodes.get(node).exit(), next))
                .map(outcome -> outcome == Outcome.HOLDS || wish.bends() && outcome == Outcome.BENDS)
                .orElse(!wish.taste().closes() || nodes.get(node).closes());
    }

    /**
     * All that can be danced from a node. Of several ways to the same node in the same time only the best is kept:
     * nothing later can tell them apart.
     */
    Edge[] edges(int node) {
        if (edges.get(node) == null) {
            Optional<Figure> last = nodes.get(node).last();
            edges.set(
                    node, best(allowed(repertoire.after(last, nodes.get(node).exit())), move -> points.of(move, last)));
        }
        return edges.get(node);
    }

    private List<Move> allowed(List<Move> moves) {
        return moves.stream()
                .filter(move -> isAllowed(move.outcome(), move.dancing()))
                .toList();
    }

    private Edge[] best(List<Move> moves, ToIntFunction<Move> counting) {
        Map<Landing, Edge> best = new LinkedHashMap<>();
        for (Move move : moves) {
            Edge edge = edge(move, counting.applyAsInt(move));
            best.merge(
                    new Landing(edge.to(), edge.length(), edge.covers(), edge.begun(), edge.bit(), edge.fullness()),
                    edge,
                    MoveGraph::better);
        }
        return best.values().toArray(Edge[]::new);
    }

    private static Edge better(Edge a, Edge b) {
        return a.points() >= b.points() ? a : b;
    }

    /** The moves after any node of a group to figures that it does not list. */
    private Edge[] common(Group group) {
        Stopping.check();
        List<Move> moves = new ArrayList<>();
        for (Move move : repertoire.bodies(group.exit())) {
            Outcome outcome = unlisted(group, move.dancing().figure()).worse(move.outcome());
            if (isAllowed(outcome, move.dancing())) {
                moves.add(
                        outcome == move.outcome()
                                ? move
                                : new Move(move.dancing(), move.facing(), outcome, move.exit()));
            }
        }
        return best(moves, move -> points.of(move, Optional.empty()));
    }

    private Outcome unlisted(Group group, Figure next) {
        if (!group.binds() || !next.neighbours().bind()) {
            return Outcome.HOLDS;
        }
        if (repertoire.conditions().syllabus()) {
            return Outcome.BREAKS;
        }
        return group.lists() || !next.neighbours().follows().isEmpty() ? Outcome.BENDS : Outcome.HOLDS;
    }

    /** Of edges to the same columns that gain the same in every bar the best stands for all. */
    private Edge[] alike(Edge[] from) {
        Map<Alike, Edge> best = new LinkedHashMap<>();
        for (Edge edge : from) {
            Alike alike = new Alike(
                    columns[edge.to()],
                    columns[edge.toRoundCorner()],
                    edge.length(),
                    edge.bit(),
                    edge.level(),
                    edge.highlight(),
                    edge.begun(),
                    edge.fullness());
            best.merge(alike, edge, MoveGraph::better);
        }
        return best.values().toArray(Edge[]::new);
    }

    private boolean isAllowed(Outcome outcome, Dancing dancing) {
        return outcome != Outcome.BREAKS
                && (wish.bends() || outcome == Outcome.HOLDS)
                && !wish.forbidden().contains(dancing.figure().id())
                && (!wish.taste().wholeFigures() || Bookends.isUsed(dancing));
    }

    /** The moves to figures that the syllabus lists after the last one. */
    private Edge[] listed(Node node) {
        Stopping.check();
        List<Edge> found = new ArrayList<>();
        node.last().ifPresent(last -> {
            Map<String, List<Move>> byFigure = byFigure(node.exit());
            for (String id : listedAfter(last)) {
                allowed(byFigure.getOrDefault(id, List.of()))
                        .forEach(move -> found.add(edge(move, points.of(move, node.last()))));
            }
        });
        return found.toArray(Edge[]::new);
    }

    private Map<String, List<Move>> byFigure(ExitState exit) {
        return movesByFigure.computeIfAbsent(exit, left -> {
            Map<String, List<Move>> moves = new HashMap<>();
            repertoire
                    .bodies(left)
                    .forEach(move -> moves.computeIfAbsent(
                                    move.dancing().figure().id(), added -> new ArrayList<>())
                            .add(move));
            return moves;
        });
    }

    /** The figures of the repertoire that the syllabus lists after a figure, in its order. */
    private Set<String> listedAfter(Figure last) {
        return listedIds.computeIfAbsent(last.id(), id -> {
            Set<String> ids = new LinkedHashSet<>();
            repertoire.dancings().stream()
                    .map(Dancing::figure)
                    .filter(figure -> Neighbours.areListed(last, figure))
                    .forEach(figure -> ids.add(figure.id()));
            return ids;
        });
    }

    private int index(Node node) {
        Integer known = indices.get(node);
        if (known != null) {
            return known;
        }
        boolean lists = node.last()
                .map(figure -> !figure.neighbours().precedes().isEmpty())
                .orElse(false);
        boolean binds = node.last().map(figure -> figure.neighbours().bind()).orElse(false);
        indices.put(node, nodes.size());
        nodes.add(node);
        edges.add(null);
        groupOf.add(groupIndices.computeIfAbsent(
                new Group(node.exit(), lists, binds, node.closes()), added -> groupIndices.size()));
        return nodes.size() - 1;
    }

    private Edge edge(Move move, int counted) {
        Figure figure = move.dancing().figure();
        boolean closes = closing.computeIfAbsent(move.dancing(), Bookends::closes);
        int to = index(new Node(Optional.of(figure), move.exit(), closes));
        int toRoundCorner = wish.corners() > 0
                ? index(new Node(Optional.of(figure), move.exit().afterCorner(), false))
                : to;
        boolean counts =
                !wish.taste().requiredWhole() || move.dancing().way().split().isEmpty();
        return new Edge(
                move,
                to,
                toRoundCorner,
                timeline.units(move.dancing().length()),
                counted,
                counts ? requiredBits.getOrDefault(figure.id(), 0) : 0,
                wish.choice().highlights().contains(figure.id()),
                figure.level().ordinal(),
                wish.sides().isEmpty() ? 0 : ground.covered(move),
                Bookends.isBegun(move.dancing()),
                numbers.computeIfAbsent(figure.id(), id -> numbers.size()),
                wish.stretches().isEmpty() ? Fullness.USUAL : rates.of(move.dancing()));
    }
}
