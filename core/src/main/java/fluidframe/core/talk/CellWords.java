package fluidframe.core.talk;

import fluidframe.core.notation.Column;
import fluidframe.core.space.Side;
import fluidframe.core.step.Foot;
import fluidframe.core.step.RiseFall;
import java.util.List;
import java.util.Optional;

/** What belongs into one cell: where the foot goes, how far it turns, how it rises. */
final class CellWords {

    private final Sentence sentence;
    private final EndWords endWords;

    CellWords(Sentence sentence, EndWords endWords) {
        this.sentence = sentence;
        this.endWords = endWords;
    }

    int segment(int at) {
        Optional<Segment> found = sentence.segments.at(at, sentence.clauseEnd(at), sentence.situation());
        if (found.filter(segment -> segment.column() == Column.RISE).isPresent()) {
            Optional<Segment> across = sentence.segments
                    .at(at, sentence.tokens.size(), sentence.situation())
                    .filter(segment -> segment.column() == Column.RISE);
            found = across.or(() -> sentence.segments.at(at, sentence.clauseEnd(at), sentence.situation()));
        }
        if (found.isEmpty()) {
            return sentence.end.isPresent() ? at : moreOfPosition(at);
        }
        Segment segment = found.get();
        boolean adds = sentence.tokens.get(at).is("across")
                || sentence.placedHere
                        && segment.column() == Column.FOOT_POSITION
                        && (sentence.tokens.get(at).is("slightly")
                                || sentence.tokens.get(at).is("sl"));
        int more = sentence.end.isEmpty() && adds ? moreOfPosition(at) : at;
        if (more > at) {
            return more;
        }
        if (sentence.end.isEmpty()
                && !sentence.rowNamed
                && segment.column() != Column.FOOT_POSITION
                && segment.column() != Column.RISE
                && namesRows(segment.to())) {
            sentence.spokenOf = segment.column();
            return rowsAfter(segment);
        }
        boolean beforeAll = !sentence.amends
                && sentence.rows().now() < 0
                && (segment.column() == Column.ALIGNMENT || segment.column() == Column.RELATION);
        if (beforeAll) {
            sentence.end = Optional.of(Words.Does.STARTS);
        }
        if (sentence.end.isPresent()) {
            return endWords.startsOrEnds(segment) ? segment.to() : at;
        }
        return apply(segment) ? rowsAfter(segment) : at;
    }

    /** "(No sway on one,) left on two, right on three." */
    int swayOn(int at) {
        boolean side = sentence.tokens.get(at).is("left")
                || sentence.tokens.get(at).is("right")
                || sentence.tokens.get(at).is("straight");
        if (sentence.spokenOf != Column.SWAY || !side || at + 1 >= sentence.tokens.size()) {
            return at;
        }
        Optional<Segment> sway = sentence.segments.whole(Column.SWAY, at, at + 1, sentence.situation());
        boolean onRows =
                sentence.tokens.get(at + 1).is("on") && sentence.number(at + 2).isPresent();
        if (onRows) {
            return sway.map(this::rowsAfter).orElse(at);
        }
        boolean sameRows = sentence.tokens.get(at + 1).is("for") && !sentence.rowsSpokenOf.isEmpty();
        if (sameRows) {
            sway.ifPresent(segment -> sentence.rowsSpokenOf.stream()
                    .filter(row -> row < sentence.rows().size())
                    .forEach(row -> sentence.put(row, Column.SWAY, segment.text(), at, at + 1)));
        }
        return sameRows ? at + 1 : at;
    }

    private boolean namesRows(int at) {
        return at < sentence.tokens.size()
                && sentence.tokens.get(at).is("on")
                && sentence.number(at + 1)
                        .filter(row -> row <= sentence.rows().size())
                        .isPresent();
    }

    /** "Outside partner", "part weight": more about where the foot of the row goes. */
    private int moreOfPosition(int at) {
        int to = sentence.clauseEnd(at);
        String before = sentence.rows().cell(sentence.rows().now(), Column.FOOT_POSITION);
        if (before.isEmpty() || sentence.rows().isDerived(sentence.rows().now(), Column.FOOT_POSITION)) {
            return at;
        }
        String said = sentence.statement
                .text()
                .substring(
                        sentence.tokens.get(at).from(),
                        sentence.tokens.get(to - 1).to());
        Optional<String> position = Column.FOOT_POSITION
                .phrasing()
                .read(before + " " + said, sentence.situation())
                .shorthand()
                .filter(more -> !more.equals(before));
        if (position.isEmpty()) {
            return at;
        }
        sentence.rows().put(sentence.rows().now(), Column.FOOT_POSITION, position.get(), true);
        sentence.heard.take(
                sentence.place(at),
                sentence.placeAfter(to),
                sentence.rows().place(sentence.rows().now(), Column.FOOT_POSITION),
                position.get());
        return to;
    }

    /** "Sway left on two and three": the other rows it is said of. */
    private int rowsAfter(Segment segment) {
        int at = segment.to();
        if (at < sentence.tokens.size()
                && sentence.tokens.get(at).is("on")
                && sentence.number(at + 1).isPresent()
                && segment.column() != Column.FOOT_POSITION
                && segment.column() != Column.RISE) {
            at++;
            sentence.rowsSpokenOf.clear();
            while (sentence.number(at).isPresent()
                    || at < sentence.tokens.size()
                            && (sentence.tokens.get(at).is("and")
                                    || sentence.tokens.get(at).is(","))) {
                int row = sentence.number(at).orElse(0) - 1;
                if (row >= 0 && row < sentence.rows().size()) {
                    sentence.put(row, segment.column(), segment.text(), segment.from(), at + 1);
                    sentence.rowsSpokenOf.add(row);
                }
                at++;
            }
        }
        return at;
    }

    private boolean apply(Segment segment) {
        sentence.spokenOf = segment.column();
        if (segment.column() == Column.FOOT_POSITION) {
            return position(segment);
        }
        if (segment.column() == Column.RISE) {
            return rise(segment);
        }
        if (beginsRow(segment)) {
            sentence.rows().next();
            sentence.rowNamed = true;
            if (segment.column() == Column.ACTION && sentence.isFoot(segment.to() - 1)) {
                sentence.put(
                        sentence.rows().now(),
                        Column.FOOT,
                        Foot.LEXICON
                                .read(sentence.tokens.get(segment.to() - 1).word())
                                .shorthand(),
                        segment.to() - 1,
                        segment.to());
            }
        }
        int row = segment.column() == Column.TURN
                ? rowOfTurn(segment)
                : sentence.rows().now();
        if (row < 0 || row >= sentence.rows().size()) {
            return false;
        }
        if (segment.column() == Column.TURN) {
            sentence.rows().forgetDerived(row, Column.ALIGNMENT);
            sentence.turning.put(
                    sentence.part,
                    TurnChange.side(segment.text()).orElse(sentence.turning.getOrDefault(sentence.part, Side.RIGHT)));
        }
        boolean done = sentence.put(row, segment.column(), segment.text(), segment.from(), segment.to());
        if (done && !segment.sure()) {
            sentence.rows().doubt(row, segment.column());
            sentence.heard.doubtLast(segment.text());
        }
        return done;
    }

    /**
     * "Appel on RF" before any other step, "turning a quarter to the left, LF back": what is told before the foot that
     * does it.
     */
    private boolean beginsRow(Segment segment) {
        if (sentence.amends || sentence.rowNamed) {
            return false;
        }
        boolean action =
                segment.column() == Column.ACTION && sentence.rows().now() < 0 && sentence.isFoot(segment.to() - 1);
        return action
                || segment.column() == Column.TURN
                        && segment.to() + 1 < sentence.tokens.size()
                        && sentence.tokens.get(segment.to()).isBreak()
                        && sentence.isFoot(segment.to() + 1);
    }

    /** "Between one and two" names the row, if the statement has not. */
    private int rowOfTurn(Segment segment) {
        for (int at = segment.from();
                !sentence.rowNamed && at + 3 < sentence.tokens.size() && at < segment.to();
                at++) {
            if (sentence.tokens.get(at).is("between")
                    && sentence.number(at + 1).isPresent()
                    && sentence.number(at + 3).isPresent()) {
                return sentence.number(at + 3).get() - 1;
            }
        }
        return sentence.rows().now();
    }

    private boolean position(Segment segment) {
        boolean again = sentence.rows().now() >= 0
                && sentence.rows().has(Column.FOOT_POSITION)
                && !sentence.amends
                && !sentence.rows().isDerived(sentence.rows().now(), Column.FOOT_POSITION);
        if (sentence.rows().now() < 0 || again) {
            if (sentence.amends) {
                return false;
            }
            sentence.rows().next();
            sentence.rowNamed = true;
        }
        sentence.placedHere = true;
        boolean crossing = segment.from() + 1 < segment.to()
                && Segments.CROSSING.contains(
                        sentence.tokens.get(segment.from()).word())
                && sentence.isFoot(segment.from() + 1);
        if (crossing) {
            sentence.put(
                    sentence.rows().now(),
                    Column.FOOT,
                    Foot.LEXICON
                            .read(sentence.tokens.get(segment.from() + 1).word())
                            .shorthand(),
                    segment.from() + 1,
                    segment.from() + 2);
        }
        return sentence.put(sentence.rows().now(), Column.FOOT_POSITION, segment.text(), segment.from(), segment.to());
    }

    /** Each part of it in the row it speaks of; beside its own row a step needs no number. */
    boolean rise(Segment segment) {
        RiseFall rise = RiseFall.parse(segment.text());
        boolean all = true;
        for (RiseFall.Phase phase : rise.phases()) {
            int row = phase.step()
                    .map(step -> step - 1)
                    .filter(step -> step < sentence.rows().size())
                    .orElse(sentence.rows().now());
            if (row < 0) {
                return false;
            }
            Optional<Integer> step = phase.atEnd() ? phase.step() : Optional.empty();
            all &= sentence.put(
                    row,
                    Column.RISE,
                    new RiseFall(List.of(new RiseFall.Phase(phase.kind(), phase.atEnd(), step))).toString(),
                    segment.from(),
                    segment.to());
        }
        if (rise.isNone() && sentence.rows().now() >= 0) {
            sentence.heard.take(
                    sentence.place(segment.from()),
                    sentence.placeAfter(segment.to()),
                    sentence.rows().place(sentence.rows().now(), Column.RISE),
                    "");
        }
        return all;
    }
}
