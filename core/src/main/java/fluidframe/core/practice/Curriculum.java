package fluidframe.core.practice;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.learning.TeachingOrder;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a couple are taught: the figures of their dances, or those that were chosen for this term; and what is new to
 * them next, for each of their dances that no routine of theirs is in.
 *
 * @param includes whether a figure of an id is one of those they dance
 * @param next the ids of the figures they are shown next where no routine says what comes, the easiest first
 * @param place where a figure of an id stands in the teaching order of its dance, from 0
 */
public record Curriculum(Predicate<String> includes, List<String> next, ToIntFunction<String> place) {

    /** Everything they have ever danced, and nothing new. */
    public static final Curriculum ANYTHING = new Curriculum(id -> true, List.of(), id -> 0);

    /** A lesson has time for one or two new figures of a dance. */
    private static final int NEW_IN_A_DANCE = 2;

    public Curriculum {
        next = List.copyOf(next);
    }

    /**
     * What is known of a couple.
     *
     * @param level empty where none was said; then it is the highest they have been shown, the lowest for beginners
     * @param dances the ids of their dances; those of the term's figures where it is not said
     * @param term the ids of the only figures that are taught this term; empty for no such choice
     */
    public record Pupils(Optional<Level> level, Set<String> dances, Set<String> term) {

        public Pupils {
            dances = Set.copyOf(dances);
            term = Set.copyOf(term);
        }
    }

    /**
     * @param figures finds those figures that there are of some ids
     * @param orders tells the teaching order of the dance of an id
     */
    public static Curriculum of(
            Pupils pupils,
            List<Commitment> commitments,
            Ledger ledger,
            Function<Collection<String>, Map<String, Figure>> figures,
            Function<String, TeachingOrder> orders) {
        Set<String> shown = new HashSet<>();
        Set<String> asked = new HashSet<>(pupils.term());
        ledger.all().forEach(practised -> {
            practised.subject().figure().ifPresent(asked::add);
            if (practised.subject() instanceof Subject.Whole whole) {
                shown.add(whole.id());
            } else if (practised.subject() instanceof Subject.Seam seam) {
                asked.add(seam.to());
            }
        });
        Set<String> danced = commitments.stream()
                .flatMap(commitment -> commitment.figures().stream())
                .collect(Collectors.toSet());
        asked.addAll(danced);
        Map<String, Figure> known = figures.apply(asked);
        Set<String> dances = pupils.dances().isEmpty() ? dancesOf(pupils.term(), known) : pupils.dances();
        Set<String> inRoutines = dancesOf(danced, known);
        Map<String, TeachingOrder> teaching = new HashMap<>();
        Stream.concat(dances.stream(), inRoutines.stream()).forEach(dance -> teaching.computeIfAbsent(dance, orders));
        Level highest = pupils.level().orElseGet(() -> highest(shown, known));
        Predicate<Figure> isNew = figure -> !shown.contains(figure.id())
                && (pupils.term().isEmpty()
                        ? figure.level().compareTo(highest) <= 0
                        : pupils.term().contains(figure.id()));
        List<String> next = dances.stream()
                .sorted()
                .filter(dance -> !inRoutines.contains(dance))
                .flatMap(dance -> teaching.get(dance).next(isNew, NEW_IN_A_DANCE).stream())
                .toList();
        return new Curriculum(
                includes(pupils.term(), dances, known),
                next,
                id -> teaching.values().stream()
                        .mapToInt(order -> order.place(id))
                        .min()
                        .orElse(0));
    }

    private static Predicate<String> includes(Set<String> term, Set<String> dances, Map<String, Figure> known) {
        if (!term.isEmpty()) {
            return term::contains;
        }
        return dances.isEmpty()
                ? id -> true
                : id -> known.containsKey(id)
                        && dances.contains(known.get(id).dance().id());
    }

    private static Set<String> dancesOf(Collection<String> ids, Map<String, Figure> known) {
        return of(ids, known).map(figure -> figure.dance().id()).collect(Collectors.toSet());
    }

    private static Level highest(Set<String> shown, Map<String, Figure> known) {
        return of(shown, known).map(Figure::level).max(Level::compareTo).orElse(Level.PRE_BRONZE);
    }

    private static Stream<Figure> of(Collection<String> ids, Map<String, Figure> known) {
        return ids.stream().map(known::get).filter(Objects::nonNull);
    }

    /** Whether every figure that something is practised in is one of those they dance. */
    boolean includes(Subject subject) {
        return subject.figure().stream().allMatch(includes)
                && (!(subject instanceof Subject.Seam seam) || includes.test(seam.to()));
    }
}
