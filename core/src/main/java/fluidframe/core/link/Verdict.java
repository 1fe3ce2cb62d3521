package fluidframe.core.link;

import java.util.List;
import java.util.Optional;

/**
 * Whether one figure may follow another: as good as the worst of what was compared.
 *
 * @param next the title of the second figure; empty where any figure begins like this
 */
public record Verdict(Outcome outcome, List<Comparison> comparisons, Optional<String> next) {

    public Verdict {
        comparisons = List.copyOf(comparisons);
    }

    /** The first thing that fits only like this. */
    public Optional<Comparison> first(Outcome outcome) {
        return comparisons.stream()
                .filter(comparison -> comparison.outcome() == outcome)
                .findFirst();
    }

    static Verdict of(List<Comparison> comparisons, Optional<String> next) {
        return new Verdict(
                comparisons.stream().map(Comparison::outcome).reduce(Outcome.HOLDS, Outcome::worse), comparisons, next);
    }
}
