package fluidframe.core.link;

import fluidframe.core.figure.Figure;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which figures of a dance can follow which, each begun on any heading it may start from, along a side or round a
 * corner; and what that means for the dance as a whole.
 *
 * @param successors  for each figure the figures that can follow it, those that hold before those that bend
 * @param deadEnds    figures nothing follows
 * @param unreachable figures that follow nothing
 * @param components  sets of figures from any of which every other of the set can be reached and back, the largest first
 */
public record LinkMap(Map<String, Map<String, Outcome>> successors, List<String> deadEnds, List<String> unreachable, List<List<String>> components) {

    public static LinkMap of(Repertoire repertoire) {
        Map<String, Map<String, Outcome>> successors = new LinkedHashMap<>();
        repertoire.dancings().forEach(dancing -> successors.putIfAbsent(dancing.figure().id(), new LinkedHashMap<>()));
        for (Move beginning : repertoire.beginnings()) {
            Figure figure = beginning.dancing().figure();
            add(successors.get(figure.id()), repertoire.after(Optional.of(figure), beginning.exit()));
            add(successors.get(figure.id()), repertoire.after(Optional.of(figure), beginning.exit().afterCorner()));
        }
        Set<String> reached = new LinkedHashSet<>();
        successors.forEach((from, to) -> to.keySet().stream().filter(id -> !id.equals(from)).forEach(reached::add));
        List<String> deadEnds = successors.entrySet().stream().filter(entry -> entry.getValue().keySet().stream().allMatch(entry.getKey()::equals)).map(Map.Entry::getKey).toList();
        List<String> unreachable = successors.keySet().stream().filter(id -> !reached.contains(id)).toList();
        return new LinkMap(successors, deadEnds, unreachable, components(successors));
    }

    private static void add(Map<String, Outcome> successors, List<Move> moves) {
        moves.forEach(move -> successors.merge(move.dancing().figure().id(), move.outcome(), (a, b) -> a.compareTo(b) <= 0 ? a : b));
    }

    /** How many figures can follow a figure with nothing bent, on average. */
    public double holdingPerFigure() {
        return successors.values().stream().mapToLong(to -> to.values().stream().filter(outcome -> outcome == Outcome.HOLDS).count()).average().orElse(0);
    }

    private static List<List<String>> components(Map<String, Map<String, Outcome>> successors) {
        Map<String, Set<String>> reachable = new HashMap<>();
        successors.keySet().forEach(id -> reachable.put(id, reachable(id, successors)));
        Set<String> placed = new LinkedHashSet<>();
        List<List<String>> components = new ArrayList<>();
        for (String id : successors.keySet()) {
            if (placed.add(id)) {
                List<String> component = new ArrayList<>(List.of(id));
                reachable.get(id).stream().filter(other -> !other.equals(id) && reachable.get(other).contains(id)).sorted().forEach(component::add);
                placed.addAll(component);
                components.add(component);
            }
        }
        components.sort(Comparator.comparingInt((List<String> component) -> -component.size()));
        return components;
    }

    private static Set<String> reachable(String from, Map<String, Map<String, Outcome>> successors) {
        Set<String> seen = new LinkedHashSet<>();
        Deque<String> open = new ArrayDeque<>(List.of(from));
        while (!open.isEmpty()) {
            for (String next : successors.get(open.poll()).keySet()) {
                if (seen.add(next)) {
                    open.add(next);
                }
            }
        }
        return seen;
    }
}
