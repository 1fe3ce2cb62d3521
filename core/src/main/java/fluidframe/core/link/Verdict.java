package fluidframe.core.link;

import java.util.List;

/** Whether one figure may follow another: as good as the worst of what was compared. */
public record Verdict(Outcome outcome, List<Comparison> comparisons) {

    public Verdict {
        comparisons = List.copyOf(comparisons);
    }

    static Verdict of(List<Comparison> comparisons) {
        return new Verdict(comparisons.stream().map(Comparison::outcome).reduce(Outcome.HOLDS, Outcome::worse), comparisons);
    }
}
