package fluidframe.core.link;

import fluidframe.core.figure.Figure;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.KosarajuStrongConnectivityInspector;
import org.jgrapht.graph.DefaultDirectedGraph;
import org.jgrapht.graph.DefaultEdge;

/**
 * Which figures of a dance can follow which, each begun on any heading it may start from, along a side or round a
 * corner; and what that means for the dance as a whole.
 *
 * @param successors for each figure the figures that can follow it, those that hold before those that bend
 * @param deadEnds figures nothing follows
 * @param unreachable figures that follow nothing
 * @param components sets of figures from any of which every other of the set can be reached and back, the largest first
 */
public record LinkMap(
        Map<String, Map<String, Outcome>> successors,
        List<String> deadEnds,
        List<String> unreachable,
        List<List<String>> components) {

    public LinkMap {
        Map<String, Map<String, Outcome>> copied = new LinkedHashMap<>();
        successors.forEach(
                (id, following) -> copied.put(id, Collections.unmodifiableMap(new LinkedHashMap<>(following))));
        successors = Collections.unmodifiableMap(copied);
        deadEnds = List.copyOf(deadEnds);
        unreachable = List.copyOf(unreachable);
        components = components.stream().map(List::copyOf).toList();
    }

    /**
     * Figures leave the couple in few different ways, however many figures there are; so what bodies can do after each
     * is worked out once.
     */
    public static LinkMap of(Repertoire repertoire) {
        Map<String, Figure> figures = new LinkedHashMap<>();
        Map<String, Set<ExitState>> exits = new LinkedHashMap<>();
        repertoire
                .dancings()
                .forEach(dancing -> figures.putIfAbsent(dancing.figure().id(), dancing.figure()));
        for (Move beginning : repertoire.beginnings()) {
            Set<ExitState> ofFigure =
                    exits.computeIfAbsent(beginning.dancing().figure().id(), added -> new LinkedHashSet<>());
            ofFigure.add(beginning.exit());
            ofFigure.add(beginning.exit().afterCorner());
        }
        Map<ExitState, Map<String, Outcome>> bodies = new HashMap<>();
        Map<String, Map<String, Outcome>> successors = new LinkedHashMap<>();
        figures.forEach((id, figure) -> {
            Stopping.check();
            Map<String, Outcome> best = new HashMap<>();
            exits.get(id)
                    .forEach(exit -> bodies.computeIfAbsent(exit, left -> bodies(left, repertoire))
                            .forEach((next, outcome) -> best.merge(next, outcome, LinkMap::better)));
            successors.put(id, ordered(figure, best, figures, repertoire.conditions()));
        });
        Set<String> reached = new LinkedHashSet<>();
        successors.forEach((from, to) ->
                to.keySet().stream().filter(id -> !id.equals(from)).forEach(reached::add));
        List<String> deadEnds = successors.entrySet().stream()
                .filter(entry -> entry.getValue().keySet().stream().allMatch(entry.getKey()::equals))
                .map(Map.Entry::getKey)
                .toList();
        List<String> unreachable =
                successors.keySet().stream().filter(id -> !reached.contains(id)).toList();
        return new LinkMap(successors, deadEnds, unreachable, components(successors));
    }

    /** The figures that bodies can dance after they are left so, each at its best. */
    private static Map<String, Outcome> bodies(ExitState exit, Repertoire repertoire) {
        Stopping.check();
        Map<String, Outcome> best = new HashMap<>();
        for (Dancing dancing : repertoire.dancings()) {
            Outcome outcome = Fit.of(exit, dancing.entry());
            if (outcome != Outcome.BREAKS) {
                best.merge(dancing.figure().id(), outcome, LinkMap::better);
            }
        }
        return best;
    }

    /** What the syllabus leaves of it, those that hold before those that bend, else in the order of the book. */
    private static Map<String, Outcome> ordered(
            Figure figure, Map<String, Outcome> bodies, Map<String, Figure> figures, Conditions conditions) {
        Map<String, Outcome> bending = new LinkedHashMap<>();
        Map<String, Outcome> ordered = new LinkedHashMap<>();
        figures.forEach((id, next) -> {
            Outcome outcome = bodies.containsKey(id)
                    ? bodies.get(id).worse(Fit.neighbours(figure, next, conditions))
                    : Outcome.BREAKS;
            if (outcome != Outcome.BREAKS) {
                (outcome == Outcome.HOLDS ? ordered : bending).put(id, outcome);
            }
        });
        ordered.putAll(bending);
        return ordered;
    }

    private static Outcome better(Outcome one, Outcome other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    /** How many figures can follow a figure with nothing bent, on average. */
    public double holdingPerFigure() {
        return successors.values().stream()
                .mapToLong(to -> to.values().stream()
                        .filter(outcome -> outcome == Outcome.HOLDS)
                        .count())
                .average()
                .orElse(0);
    }

    private static List<List<String>> components(Map<String, Map<String, Outcome>> successors) {
        Graph<String, DefaultEdge> graph = new DefaultDirectedGraph<>(DefaultEdge.class);
        successors.keySet().forEach(graph::addVertex);
        successors.forEach((from, to) -> to.keySet().forEach(next -> graph.addEdge(from, next)));
        Stopping.check();
        Map<String, Set<String>> whole = new HashMap<>();
        new KosarajuStrongConnectivityInspector<>(graph)
                .stronglyConnectedSets()
                .forEach(ids -> ids.forEach(id -> whole.put(id, ids)));
        List<List<String>> components = new ArrayList<>();
        Set<String> placed = new HashSet<>();
        for (String first : successors.keySet()) {
            if (placed.addAll(whole.get(first))) {
                List<String> others = whole.get(first).stream()
                        .filter(id -> !id.equals(first))
                        .sorted()
                        .toList();
                components.add(Stream.concat(Stream.of(first), others.stream()).toList());
            }
        }
        components.sort(Comparator.comparingInt((List<String> component) -> -component.size()));
        return components;
    }
}
