package fluidframe.app.logbook;

import fluidframe.app.figures.FigureStore;
import fluidframe.app.people.CoupleDocument;
import fluidframe.app.teaching.TeachingOrders;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.learning.TeachingOrder;
import fluidframe.core.practice.Commitment;
import fluidframe.core.practice.Curriculum;
import fluidframe.core.practice.Ledger;
import fluidframe.core.practice.Subject;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * What couples are taught: the figures of their dances, or those that were chosen for this term; and what is new to
 * them next, for each of their dances that no routine of theirs is in.
 */
@Component
class Curricula {

    /** A lesson has time for one or two new figures of a dance. */
    private static final int NEW_IN_A_DANCE = 2;

    private final FigureStore figures;
    private final TeachingOrders orders;

    Curricula(FigureStore figures, TeachingOrders orders) {
        this.figures = figures;
        this.orders = orders;
    }

    Curriculum of(CoupleDocument couple, List<Commitment> commitments, Ledger ledger) {
        Set<String> shown = ledger.all().stream()
                .filter(practised -> practised.subject() instanceof Subject.Whole)
                .map(practised -> ((Subject.Whole) practised.subject()).id())
                .collect(Collectors.toSet());
        Set<String> danced = commitments.stream()
                .flatMap(commitment -> commitment.figures().stream())
                .collect(Collectors.toSet());
        Set<String> term = Set.copyOf(orNone(couple.term()));
        Set<String> all = new HashSet<>(shown);
        all.addAll(danced);
        all.addAll(term);
        ledger.all().forEach(practised -> practised.subject().figure().ifPresent(all::add));
        Map<String, Figure> known = figures.findAll(all);
        Set<String> dances = dances(couple, known, term);
        Set<String> inRoutines = dancesOf(danced, known);
        Map<String, TeachingOrder> teaching = new HashMap<>();
        Stream.concat(dances.stream(), inRoutines.stream())
                .forEach(dance -> teaching.computeIfAbsent(dance, orders::of));
        Level highest = highest(couple, shown, known);
        Predicate<Figure> isNew = figure -> !shown.contains(figure.id())
                && (term.isEmpty() ? figure.level().compareTo(highest) <= 0 : term.contains(figure.id()));
        List<String> next = dances.stream()
                .filter(dance -> !inRoutines.contains(dance))
                .flatMap(dance -> teaching.get(dance).next(isNew, NEW_IN_A_DANCE).stream())
                .toList();
        Predicate<String> includes = id -> term.isEmpty()
                ? dances.isEmpty()
                        || Optional.ofNullable(known.get(id))
                                .filter(figure -> dances.contains(figure.dance().id()))
                                .isPresent()
                : term.contains(id);
        return new Curriculum(includes, next, id -> place(id, known, teaching));
    }

    /** Those they are said to dance; those of this term's figures where it is not said. */
    private static Set<String> dances(CoupleDocument couple, Map<String, Figure> known, Set<String> term) {
        List<String> said = orNone(couple.dances());
        return said.isEmpty() ? dancesOf(term, known) : Set.copyOf(said);
    }

    private static Set<String> dancesOf(Collection<String> ids, Map<String, Figure> known) {
        return ids.stream()
                .map(known::get)
                .filter(figure -> figure != null)
                .map(figure -> figure.dance().id())
                .collect(Collectors.toSet());
    }

    /** The level they are said to have; else the highest they have been shown; the lowest for beginners. */
    private static Level highest(CoupleDocument couple, Set<String> shown, Map<String, Figure> known) {
        return Optional.ofNullable(couple.level())
                .flatMap(Level.LEXICON::find)
                .or(() -> shown.stream()
                        .map(known::get)
                        .filter(figure -> figure != null)
                        .map(Figure::level)
                        .max(Level::compareTo))
                .orElse(Level.PRE_BRONZE);
    }

    private static int place(String id, Map<String, Figure> known, Map<String, TeachingOrder> teaching) {
        return Optional.ofNullable(known.get(id))
                .map(figure -> teaching.get(figure.dance().id()))
                .map(order -> order.place(id))
                .orElseGet(() -> teaching.values().stream()
                        .mapToInt(order -> order.place(id))
                        .min()
                        .orElse(0));
    }

    private static List<String> orNone(List<String> ids) {
        return ids == null ? List.of() : ids;
    }
}
