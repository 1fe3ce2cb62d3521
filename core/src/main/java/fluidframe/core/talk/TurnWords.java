package fluidframe.core.talk;

import fluidframe.core.notation.Column;
import fluidframe.core.phrase.Situation;
import fluidframe.core.space.Side;
import fluidframe.core.text.Fraction;
import java.util.Optional;
import java.util.Set;

/** What changes a turn that has been told: "an eighth less", "does not finish her body till three". */
final class TurnWords {

    private static final Set<String> LESS = Set.of("less", "more");

    private final Sentence sentence;

    TurnWords(Sentence sentence) {
        this.sentence = sentence;
    }

    /** "Make it an eighth less." */
    int less(int at) {
        int end = sentence.clauseEnd(at);
        boolean says = end - 1 > at
                && LESS.contains(sentence.tokens.get(end - 1).word())
                && sentence.rows().now() >= 0
                && sentence.tokens.subList(at, end).stream().noneMatch(token -> token.is("body"));
        if (!sentence.amends || !says) {
            return at;
        }
        int from = at;
        while (from < end
                && Words.JOINTS.longest(sentence.tokens, from).isPresent()
                && !sentence.tokens.get(from).is("a")) {
            from++;
        }
        Optional<Fraction> size = size(from, end - 1);
        Optional<String> turn = size.flatMap(by -> TurnChange.by(
                sentence.rows().cell(sentence.rows().now(), Column.TURN),
                by,
                sentence.tokens.get(end - 1).is("more")));
        if (turn.isEmpty()) {
            return at;
        }
        sentence.rows().put(sentence.rows().now(), Column.TURN, turn.get(), true);
        sentence.heard.take(
                sentence.place(at),
                sentence.placeAfter(end),
                sentence.rows().place(sentence.rows().now(), Column.TURN),
                turn.get());
        return end;
    }

    private Optional<Fraction> size(int from, int to) {
        return from >= to
                ? Optional.empty()
                : sentence.segments
                        .whole(Column.TURN, from, to, Situation.UNKNOWN.withTurning(Optional.of(Side.RIGHT)))
                        .flatMap(segment -> TurnChange.size(segment.text()));
    }

    /** "Does not finish her body till three." */
    int notTill(int at, int after) {
        Optional<Integer> till = sentence.number(after);
        if (till.isEmpty()
                || sentence.rows().now() < 0
                || till.get() > sentence.rows().size()) {
            return at;
        }
        sentence.put(sentence.rows().now(), Column.TURN, "body less", at, after + 1);
        sentence.put(till.get() - 1, Column.TURN, "body completes", at, after + 1);
        return after + 1;
    }
}
