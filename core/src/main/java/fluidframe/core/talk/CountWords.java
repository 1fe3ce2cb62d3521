package fluidframe.core.talk;

import fluidframe.core.notation.Column;
import fluidframe.core.phrase.CountPhrasing;
import fluidframe.core.phrase.Situation;
import fluidframe.core.text.Token;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Counts as they are said, each before or after the step that it times. */
final class CountWords {

    private static final Pattern DASH = Pattern.compile(" ?[-–] ?");
    private static final Pattern NUMBER = Pattern.compile("\\d{1,2}");

    /** Counts that are never anything else. */
    private static final Set<String> SPOKEN = Set.of("slow", "quick");

    private final Sentence sentence;

    CountWords(Sentence sentence) {
        this.sentence = sentence;
    }

    /** "Slow", "one", "1": the count of the row that follows. */
    int count(int at) {
        boolean begins = at == 0
                || sentence.tokens.get(at - 1).isBreak()
                || sentence.tokens.get(at - 1).is("and")
                || sentence.tokens.get(at - 1).is("then")
                || SPOKEN.contains(sentence.tokens.get(at).word());
        if (!begins || sentence.end.isPresent()) {
            return at;
        }
        int to = countEnd(at);
        boolean spoken = SPOKEN.contains(sentence.tokens.get(at).word());
        boolean alone = spoken
                || to == sentence.clauseEnd(at)
                        && (sentence.placedHere && to == sentence.tokens.size()
                                || !sentence.tokens.get(at).isNumber() && to == at + 1);
        boolean rowFollows = to < sentence.tokens.size()
                && (sentence.tokens.get(to).isBreak()
                        || sentence.tokens.get(to).is("-")
                        || sentence.isFoot(to)
                        || sentence.segments
                                .at(to, sentence.clauseEnd(to), sentence.situation())
                                .filter(segment -> segment.column() == Column.FOOT_POSITION)
                                .isPresent());
        if (to == at || !rowFollows && !alone) {
            return at;
        }
        String said = sentence.tokens.subList(at, to).stream().map(Token::word).collect(Collectors.joining("-"));
        Optional<String> mark = new CountPhrasing()
                .read(said, Situation.UNKNOWN.withLastBeat(lastBeat()))
                .shorthand();
        if (mark.isEmpty()) {
            return at;
        }
        if (numbersCounted(at, to)) {
            return to;
        }
        boolean countsThis = alone
                && sentence.placedHere
                && (!sentence.rows().said(Column.COUNT)
                        || to == sentence.tokens.size()
                                && sentence.rows()
                                        .cell(sentence.rows().now(), Column.COUNT)
                                        .equals(mark.get()));
        if (countsThis) {
            sentence.put(sentence.rows().now(), Column.COUNT, mark.get(), at, to);
            return to;
        }
        boolean fresh = sentence.rows().now() < 0
                || sentence.rows().said(Column.COUNT)
                || sentence.rows().said(Column.FOOT_POSITION);
        if (fresh) {
            sentence.rows().next();
        }
        sentence.rowNamed = true;
        sentence.put(sentence.rows().now(), Column.COUNT, mark.get(), at, to);
        return to;
    }

    /** "1 LF side, 2 RF across" after "slow quick quick": the number of a row whose count is known. */
    private boolean numbersCounted(int at, int to) {
        Optional<Integer> row = to == at + 1 ? sentence.number(at).map(number -> number - 1) : Optional.empty();
        boolean counted = row.filter(index -> index < sentence.rows().size()
                        && !sentence.rows().cell(index, Column.COUNT).isEmpty()
                        && !sentence.rows().cell(index, Column.COUNT).equals(String.valueOf(index + 1)))
                .isPresent();
        if (!counted || sentence.rows().cell(row.get(), Column.FOOT_POSITION).length() > 0) {
            return false;
        }
        sentence.rowNamed = sentence.rows().go(row.get());
        return true;
    }

    int countEnd(int at) {
        Set<String> words = Set.of("slow", "quick", "s", "q", "and", "a");
        boolean ampersand =
                sentence.statement.text().charAt(sentence.tokens.get(at).from()) == '&'
                        || sentence.tokens.get(at).is("a") && sentence.isFoot(at + 1);
        boolean mark = ampersand
                || sentence.number(at).isPresent()
                || words.contains(sentence.tokens.get(at).word())
                        && !sentence.tokens.get(at).is("and")
                        && !sentence.tokens.get(at).is("a");
        if (!mark) {
            return at;
        }
        boolean tied = at + 1 < sentence.tokens.size()
                && sentence.number(at + 1).isPresent()
                && DASH.matcher(sentence.statement
                                .text()
                                .substring(
                                        sentence.tokens.get(at).to(),
                                        sentence.tokens.get(at + 1).from()))
                        .matches();
        boolean heldOn = at + 2 == sentence.tokens.size()
                && sentence.number(at).isPresent()
                && sentence.number(at + 1)
                        .filter(next -> next == 1 || next == sentence.number(at).get() + 1)
                        .isPresent();
        return tied || heldOn ? at + 2 : at + 1;
    }

    private OptionalInt lastBeat() {
        return beat(sentence.rows().cell(sentence.rows().size() - 1, Column.COUNT));
    }

    private static OptionalInt beat(String count) {
        return NUMBER.matcher(count).matches() ? OptionalInt.of(Integer.parseInt(count)) : OptionalInt.empty();
    }
}
