package fluidframe.core.learning;

import fluidframe.core.figure.Figure;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * The shortest way of figures towards some that are wanted, one new thing at a time. Whoever has learned more can learn
 * no less; so a way is looked for in steps from one set of skills to a larger one, all ways of one length before those
 * of the next, and the first that leads there is the shortest. Where no figure brings one new thing alone, a wanted one
 * is learned with all that is new in it.
 *
 * @param steps in the order in which they are learned, the wanted ones among them
 */
public record LearningPath(List<LearningStep> steps) {

    /** More sets of skills than this are not looked at; then what is wanted is learned with all that is new in it. */
    private static final int MOST_LOOKED_AT = 20_000;

    private static final int AT_A_TIME = 1;

    public LearningPath {
        steps = List.copyOf(steps);
    }

    /**
     * @param book all figures of the dance
     * @param known those that are danced already
     * @param wanted those that are wanted, in the order in which they are wanted
     */
    public static LearningPath to(Collection<Figure> wanted, Collection<Figure> known, Collection<Figure> book) {
        Set<Skill> have = new HashSet<>();
        known.forEach(figure -> have.addAll(Skill.of(figure)));
        Set<String> danced = new HashSet<>(known.stream().map(Figure::id).toList());
        List<Figure> easiestFirst = book.stream()
                .sorted(Comparator.comparing(Figure::level).thenComparing(Figure::title))
                .toList();
        List<LearningStep> steps = new ArrayList<>();
        for (Figure figure : wanted) {
            if (danced.contains(figure.id())) {
                continue;
            }
            for (Figure first : before(figure, have, easiestFirst)) {
                learn(first, have, danced, steps);
            }
            learn(figure, have, danced, steps);
        }
        return new LearningPath(steps);
    }

    private static void learn(Figure figure, Set<Skill> have, Set<String> danced, List<LearningStep> steps) {
        if (danced.add(figure.id())) {
            steps.add(new LearningStep(figure, missing(figure, have)));
            have.addAll(Skill.of(figure));
        }
    }

    private static TreeSet<Skill> missing(Figure figure, Set<Skill> have) {
        TreeSet<Skill> missing = new TreeSet<>(Skill.of(figure));
        missing.removeAll(have);
        return missing;
    }

    private record Reached(Set<Skill> have, Reached from, Figure learned) {

        List<Figure> way() {
            List<Figure> way = from == null ? new ArrayList<>() : from.way();
            if (learned != null) {
                way.add(learned);
            }
            return way;
        }
    }

    /** The fewest figures after which no more than one thing is new in the wanted one; none if there is no such way. */
    private static List<Figure> before(Figure wanted, Set<Skill> have, List<Figure> book) {
        Deque<Reached> next = new ArrayDeque<>(List.of(new Reached(Set.copyOf(have), null, null)));
        Set<Set<Skill>> seen = new HashSet<>(Set.of(Set.copyOf(have)));
        while (!next.isEmpty() && seen.size() < MOST_LOOKED_AT) {
            Reached reached = next.remove();
            if (missing(wanted, reached.have()).size() <= AT_A_TIME) {
                return reached.way();
            }
            for (Map.Entry<Set<Skill>, Figure> step :
                    easiest(wanted, reached.have(), book).entrySet()) {
                if (seen.add(step.getKey())) {
                    next.add(new Reached(step.getKey(), reached, step.getValue()));
                }
            }
        }
        return List.of();
    }

    /** For every set of skills that one figure more leads to, the first such figure. */
    private static Map<Set<Skill>, Figure> easiest(Figure wanted, Set<Skill> have, List<Figure> book) {
        Map<Set<Skill>, Figure> steps = new LinkedHashMap<>();
        for (Figure figure : book) {
            Set<Skill> missing = missing(figure, have);
            if (missing.size() == AT_A_TIME
                    && !figure.id().equals(wanted.id())
                    && figure.level().compareTo(wanted.level()) <= 0) {
                Set<Skill> then = new HashSet<>(have);
                then.addAll(missing);
                steps.putIfAbsent(Set.copyOf(then), figure);
            }
        }
        return steps;
    }
}
