package fluidframe.core.learning;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The order in which the figures of a dance are taught. The lower level comes first. Within a level each next figure is
 * the one that asks the least that is new of those who know all before it, then one that starts where something they
 * know ends, so that they can dance it at once, then the one with fewer steps and less turn. A studio that teaches in
 * another order says which figures come first; the others follow as they would without.
 */
public final class TeachingOrder {

    private static final Set<Position> FIRST_POSITIONS =
            EnumSet.of(Position.CLOSED, Position.CLOSED_FACING, Position.OPEN_FACING);
    /** An eighth of a turn is as much work as a step; in sixteenths. */
    private static final int EIGHTH = 2;

    private final Map<String, Figure> figures;
    private final Map<String, Integer> places = new HashMap<>();

    private TeachingOrder(Map<String, Figure> figures) {
        this.figures = figures;
        figures.keySet().forEach(id -> places.put(id, places.size()));
    }

    /**
     * @param book the figures of one dance
     * @param first the ids of those that a studio teaches in an order of its own; those that are not in the book are
     *     passed over
     */
    public static TeachingOrder of(Collection<Figure> book, List<String> first) {
        Map<String, Taught> byId = new LinkedHashMap<>();
        book.forEach(figure -> byId.put(figure.id(), new Taught(figure, Skill.of(figure), work(figure))));
        Map<String, Figure> ordered = new LinkedHashMap<>();
        Set<Skill> have = new HashSet<>();
        Set<Position> reached = EnumSet.copyOf(FIRST_POSITIONS);
        Consumer<Taught> teach = next -> {
            ordered.put(next.figure().id(), next.figure());
            have.addAll(next.skills());
            reached.add(next.figure().end().position());
        };
        first.stream().map(byId::get).filter(Objects::nonNull).forEach(teach);
        for (Level level : Level.values()) {
            List<Taught> left = byId.values().stream()
                    .filter(each -> each.figure().level() == level
                            && !ordered.containsKey(each.figure().id()))
                    .collect(Collectors.toCollection(ArrayList::new));
            while (!left.isEmpty()) {
                Taught next = left.stream().min(easiest(have, reached)).orElseThrow();
                left.remove(next);
                teach.accept(next);
            }
        }
        return new TeachingOrder(ordered);
    }

    /** A figure, what it asks and how much work it is. */
    private record Taught(Figure figure, Set<Skill> skills, int work) {

        private long missing(Set<Skill> have) {
            return skills.stream().filter(skill -> !have.contains(skill)).count();
        }
    }

    private static Comparator<Taught> easiest(Set<Skill> have, Set<Position> reached) {
        return Comparator.comparingLong((Taught each) -> each.missing(have))
                .thenComparing(each -> !reached.contains(each.figure().start().position()))
                .thenComparingInt(Taught::work)
                .thenComparing(each -> each.figure().title());
    }

    /** The steps and eighths of turn of both. */
    private static int work(Figure figure) {
        return Stream.of(Part.values())
                .map(figure::chart)
                .mapToInt(chart -> chart.steps().size()
                        + chart.turnAccount().entries().stream()
                                        .mapToInt(entry -> entry.between().size()
                                                + entry.on().size())
                                        .sum()
                                / EIGHTH)
                .sum();
    }

    /** All of them, in the order in which they are taught, each with what is new in it. */
    public List<LearningStep> steps() {
        Set<Skill> have = new HashSet<>();
        return figures.values().stream()
                .map(figure -> {
                    TreeSet<Skill> learns = new TreeSet<>(Skill.of(figure));
                    learns.removeAll(have);
                    have.addAll(learns);
                    return new LearningStep(figure, learns);
                })
                .toList();
    }

    /** How many are taught before one of an id; all of them before one that is not in it. */
    public int place(String id) {
        return places.getOrDefault(id, places.size());
    }

    /**
     * What is taught next.
     *
     * @param wanted whether one may be taught to them: of their level, and not shown yet
     * @param most at most so many
     * @return their ids, the easiest first
     */
    public List<String> next(Predicate<Figure> wanted, int most) {
        return figures.values().stream()
                .filter(wanted)
                .limit(most)
                .map(Figure::id)
                .toList();
    }
}
