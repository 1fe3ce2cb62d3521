package fluidframe.core.link;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Neighbours;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What may be danced beside a figure, the best first, and what may not, by what first forbids it. What holds stands
 * before what bends; then what needs no corner, what the syllabus lists beside it, and what is danced most nearly as
 * charted. A figure stands there once, in its best way.
 *
 * @param possible what may
 * @param refused what may not, the most figures first
 */
public record Suggestions(List<Suggestion> possible, List<Refusal> refused) {

    public Suggestions {
        possible = List.copyOf(possible);
        refused = List.copyOf(refused);
    }

    /**
     * A figure in its best way there.
     *
     * @param corner whether a corner is turned after it
     */
    public record Suggestion(Dancing dancing, boolean corner, Outcome outcome, Verdict verdict) {}

    /**
     * Figures that cannot be danced there for one and the same reason.
     *
     * @param reason of one of them; empty where they could only be danced in another way than charted
     * @param titles of the figures
     */
    public record Refusal(Optional<Comparison> reason, List<String> titles) {

        public Refusal {
            titles = List.copyOf(titles);
        }
    }

    /** What may come after a figure that leaves the couple like this. */
    public static Suggestions after(Repertoire repertoire, Dancing last, ExitState exit) {
        Figure figure = last.figure();
        Map<String, Suggestion> possible = new LinkedHashMap<>();
        repertoire.after(last.listed(), exit).stream()
                .sorted(Comparator.comparing(Move::outcome)
                        .thenComparing(move ->
                                !Neighbours.areListed(figure, move.dancing().figure()))
                        .thenComparing(move -> move.dancing().way().changes()))
                .forEach(move -> possible.computeIfAbsent(
                        move.dancing().figure().id(),
                        id -> new Suggestion(
                                move.dancing(),
                                false,
                                move.outcome(),
                                Link.between(
                                        exit,
                                        move.dancing().entry(),
                                        figure,
                                        move.dancing().figure(),
                                        repertoire.conditions()))));
        return of(
                repertoire,
                possible,
                dancing -> Link.between(exit, dancing.entry(), figure, dancing.figure(), repertoire.conditions()),
                VerdictSentence::needed);
    }

    /** What may come before a figure that needs the couple like this. */
    public static Suggestions before(Repertoire repertoire, Dancing next, EntryState entry) {
        Figure figure = next.figure();
        Map<String, Suggestion> possible = new LinkedHashMap<>();
        repertoire.before(next.listed(), entry).stream()
                .sorted(Comparator.comparing(Before::outcome)
                        .thenComparing(Before::corner)
                        .thenComparing(before ->
                                !Neighbours.areListed(before.move().dancing().figure(), figure))
                        .thenComparing(before -> before.move().dancing().way().changes()))
                .forEach(before -> possible.computeIfAbsent(
                        before.move().dancing().figure().id(),
                        id -> new Suggestion(
                                before.move().dancing(),
                                before.corner(),
                                before.outcome(),
                                Link.between(
                                        before.exit(),
                                        entry,
                                        before.move().dancing().figure(),
                                        figure,
                                        repertoire.conditions()))));
        return of(
                repertoire,
                possible,
                dancing -> Link.between(dancing.exit(), entry, dancing.figure(), figure, repertoire.conditions()),
                VerdictSentence::given);
    }

    private static Suggestions of(
            Repertoire repertoire,
            Map<String, Suggestion> possible,
            Function<Dancing, Verdict> verdict,
            Function<Comparison, String> alike) {
        Map<Cause, List<String>> titles = new LinkedHashMap<>();
        Map<Cause, Optional<Comparison>> reasons = new LinkedHashMap<>();
        for (Dancing dancing : repertoire.dancings()) {
            Figure figure = dancing.figure();
            if (dancing.way().isAsCharted() && !possible.containsKey(figure.id())) {
                Optional<Comparison> reason = verdict.apply(dancing).first(Outcome.BREAKS);
                Cause cause = reason.map(compared -> new Cause(
                                Optional.of(compared.aspect()),
                                compared.aspect() == Aspect.NEIGHBOURS ? "" : alike.apply(compared)))
                        .orElse(Cause.ANOTHER_WAY);
                reasons.putIfAbsent(cause, reason);
                titles.computeIfAbsent(cause, added -> new ArrayList<>()).add(figure.title());
            }
        }
        List<Refusal> refused = titles.entrySet().stream()
                .map(entry -> new Refusal(reasons.get(entry.getKey()), entry.getValue()))
                .sorted(Comparator.comparing(refusal -> -refusal.titles().size()))
                .toList();
        return new Suggestions(List.copyOf(possible.values()), refused);
    }

    /** What figures are refused for alike: those that need the same, and those that are not listed. */
    private record Cause(Optional<Aspect> aspect, String compared) {

        static final Cause ANOTHER_WAY = new Cause(Optional.empty(), "");
    }
}
