package fluidframe.core.talk;

import fluidframe.core.notation.Column;
import fluidframe.core.text.Token;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.apache.commons.lang3.StringUtils;

/** Which row is spoken of: "step five", "on two", "the last step". */
final class StepNames {

    private static final List<String> ORDINALS =
            List.of("first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth");

    private final Sentence sentence;

    StepNames(Sentence sentence) {
        this.sentence = sentence;
    }

    /** "Step five", "on two", "the last step". */
    int stepReference(int at) {
        Token token = sentence.tokens.get(at);
        int after = at;
        Optional<Integer> row = Optional.empty();
        if ((token.is("step") || token.is("row")) && sentence.number(at + 1).isPresent()) {
            row = sentence.number(at + 1);
            after = at + 2;
        } else if ((token.is("on") || token.is("at")) && sentence.number(at + 1).isPresent() && !rowsFollow(at)) {
            if (saysCount(sentence.number(at + 1).get())) {
                return onCount(at);
            }
            row = sentence.number(at + 1);
            after = at + 2;
        } else if (ORDINALS.contains(token.word())
                && at + 1 < sentence.tokens.size()
                && (sentence.tokens.get(at + 1).is("step")
                        || at == 0 && sentence.tokens.get(at + 1).isBreak())) {
            row = Optional.of(ORDINALS.indexOf(token.word()) + 1);
            after = at + 2;
        } else if (at == 0
                && sentence.number(at).isPresent()
                && at + 1 < sentence.tokens.size()
                && sentence.tokens.get(at + 1).is(";")
                && isCountedInWords()) {
            row = sentence.number(at);
            after = at + 1;
        } else if (token.is("last")
                && at + 1 < sentence.tokens.size()
                && sentence.tokens.get(at + 1).is("step")) {
            row = Optional.of(sentence.rows().size());
            after = at + 2;
        } else if (sentence.amends && !sentence.rowNamed && sentence.number(at).isPresent() && at == 0) {
            row = sentence.number(at);
            after = at + 1;
        }
        if (row.isEmpty()) {
            return at;
        }
        boolean next = !sentence.amends && row.get() == sentence.rows().size() + 1;
        if (next) {
            sentence.rows().next();
        } else if (!sentence.rows().go(row.get() - 1)) {
            return at;
        }
        sentence.rowNamed = true;
        sentence.called = OptionalInt.of(sentence.rows().now());
        return after;
    }

    /** Where steps are counted slow and quick, a number before a colon names a step. */
    private boolean isCountedInWords() {
        return IntStream.range(0, sentence.rows().size())
                .anyMatch(row -> StringUtils.startsWithAny(sentence.rows().cell(row, Column.COUNT), "S", "Q"));
    }

    /**
     * While a figure is told, "on two" after a step says when it is taken; before a step it names the step, unless that
     * would leave some out.
     */
    private boolean saysCount(int number) {
        boolean afterStep = sentence.rowNamed
                && sentence.rows().now() >= 0
                && sentence.rows().has(Column.FOOT_POSITION);
        return !sentence.amends
                && (afterStep && !sentence.rows().has(Column.COUNT)
                        || number > sentence.rows().size() + 1);
    }

    private int onCount(int at) {
        int after = at + 2;
        String mark = String.valueOf(sentence.number(at + 1).orElseThrow());
        if (sentence.number(after).isPresent()
                && (sentence.number(after).get() == sentence.number(at + 1).get() + 1
                        || sentence.number(after).get() == 1)) {
            mark += "-" + sentence.number(after).get();
            after++;
        }
        if (!sentence.rowNamed) {
            sentence.rows().next();
            sentence.rowNamed = true;
        }
        sentence.put(sentence.rows().now(), Column.COUNT, mark, at, after);
        return after;
    }

    /** "On one and two": more rows than one. */
    private boolean rowsFollow(int at) {
        return at + 3 < sentence.tokens.size()
                && sentence.tokens.get(at + 2).is("and")
                && sentence.number(at + 3).isPresent()
                && sentence.tokens.get(at).is("on")
                && at > 0
                && !sentence.tokens.get(at - 1).isBreak();
    }
}
