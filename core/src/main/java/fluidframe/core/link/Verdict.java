package fluidframe.core.link;

import java.util.List;

/** Whether one figure may follow another: as good as the worst of what was compared. */
public record Verdict(Outcome outcome, List<Comparison> comparisons) {

    public Verdict {
        comparisons = List.copyOf(comparisons);
    }

    /** What a coach would say of it aloud: the first thing that breaks it, else the first that bends it. */
    public String sentence() {
        return comparisons.stream()
                .filter(comparison -> comparison.outcome() == outcome && outcome != Outcome.HOLDS)
                .findFirst()
                .map(Comparison::reason)
                .orElse(LinkSentences.itFollowsAsItIs());
    }

    static Verdict of(List<Comparison> comparisons) {
        return new Verdict(
                comparisons.stream().map(Comparison::outcome).reduce(Outcome.HOLDS, Outcome::worse), comparisons);
    }
}
