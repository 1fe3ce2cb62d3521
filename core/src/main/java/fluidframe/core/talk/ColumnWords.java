package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Counts;
import fluidframe.core.phrase.CountPhrasing;
import fluidframe.core.phrase.Phrasebook;
import fluidframe.core.step.Foot;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.CountToken;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A column by its name, row by row: "footwork: heel toe, toe, toe heel". */
final class ColumnWords {

    private static final Set<Column> FREE = Set.of(Column.ARMS, Column.LEAD, Column.NOTE);

    private final Sentence sentence;
    private final CellWords cellWords;
    private final CountWords countWords;

    ColumnWords(Sentence sentence, CellWords cellWords, CountWords countWords) {
        this.sentence = sentence;
        this.cellWords = cellWords;
        this.countWords = countWords;
    }

    /** "Footwork: heel toe, toe, toe heel": a column by its name, row by row. */
    int column(int at) {
        Optional<Phrasebook.Match<Column>> match = Words.COLUMNS.longest(sentence.tokens, at);
        boolean begins = at == 0
                || sentence.tokens.get(at - 1).isBreak()
                || sentence.amends
                || Words.JOINTS.longest(sentence.tokens, at - 1).isPresent();
        if (match.isEmpty() || !begins) {
            return at;
        }
        int after = at + match.get().length();
        boolean colon =
                after < sentence.tokens.size() && sentence.tokens.get(after).is(";");
        Column column = match.get().meaning();
        if (!colon && sentence.rowNamed && after < sentence.tokens.size()) {
            int end = sentence.clauseEnd(after);
            Optional<Segment> cell = sentence.segments
                    .whole(column, after, end, sentence.situation())
                    .filter(Segment::sure);
            return cell.isPresent()
                            && sentence.put(
                                    sentence.rows().now(), column, cell.get().text(), at, end)
                    ? end
                    : at;
        }
        boolean cellEach = at == 0
                && !sentence.rowNamed
                && sentence.rows().size() > 1
                && sentence.pieces(after).size() == sentence.rows().size();
        if (!colon
                && !cellEach
                && !(column == Column.COUNT && after < sentence.tokens.size() && countWords.countEnd(after) > after)) {
            return at;
        }
        int from = colon ? after + 1 : after;
        if (from >= sentence.tokens.size()) {
            return at;
        }
        return column == Column.COUNT && (!sentence.rowNamed || countsAll(from))
                ? counts(at, from)
                : FREE.contains(column) ? ownWords(column, from) : cells(column, from);
    }

    /** A count for each row; where they are more than the rows, rows of which only the count is known yet. */
    void layOut(List<String> counts, int from) {
        for (int row = 0; row < counts.size(); row++) {
            while (row >= sentence.rows().size()) {
                sentence.rows().next();
            }
            sentence.put(row, Column.COUNT, counts.get(row), from, sentence.tokens.size());
        }
    }

    /** "Counted two, three, four and one" after the last of five steps. */
    private boolean countsAll(int from) {
        int marks = new CountPhrasing()
                .rows(sentence.statement
                        .text()
                        .substring(sentence.tokens.get(from).from()))
                .size();
        return marks > 1 && marks == sentence.rows().size();
    }

    private int counts(int at, int from) {
        String said =
                sentence.statement.text().substring(sentence.tokens.get(from).from());
        try {
            layOut(
                    Counts.read(said, sentence.rows().size()).tokens().stream()
                            .map(CountToken::toString)
                            .toList(),
                    from);
            if (sentence.rows().isOnlyCounted()) {
                sentence.rows().rewind();
            }
            return sentence.tokens.size();
        } catch (UnreadableTextException noCount) {
            return at;
        }
    }

    /** What is told of the whole figure belongs to where it begins. */
    private int ownWords(Column column, int from) {
        if (sentence.rows().size() == 0) {
            return from - 1;
        }
        if (column == Column.LEAD
                && !sentence.rowNamed
                && sentence.figure.rows(Part.MAN).size() > 0) {
            sentence.part = Part.MAN;
        }
        sentence.put(
                Math.max(0, sentence.rows().now()),
                column,
                sentence.statement.text().substring(sentence.tokens.get(from).from()),
                from,
                sentence.tokens.size());
        return sentence.tokens.size();
    }

    /** The cells of all rows with commas between, or the cell of the row that is being told. */
    int cells(Column column, int from) {
        List<int[]> pieces = sentence.pieces(from);
        Optional<Segment> whole = sentence.segments
                .whole(column, from, sentence.tokens.size(), sentence.situation())
                .filter(Segment::sure);
        if (sentence.rowNamed && whole.isPresent()) {
            sentence.put(sentence.rows().now(), column, whole.get().text(), from, sentence.tokens.size());
            return sentence.tokens.size();
        }
        boolean throughout = sentence.tokens.get(sentence.tokens.size() - 1).is("throughout");
        Optional<Segment> everywhere = throughout
                ? sentence.segments.whole(column, from, sentence.tokens.size() - 1, sentence.situation())
                : Optional.empty();
        if (everywhere.isPresent()) {
            for (int row = 0; row < sentence.rows().size(); row++) {
                sentence.put(row, column, everywhere.get().text(), from, sentence.tokens.size());
            }
            return sentence.tokens.size();
        }
        if (column == Column.RISE
                && sentence.tokens.subList(from, sentence.tokens.size()).stream()
                        .anyMatch(token -> Set.of("on", "end", "e").contains(token.word()))) {
            Optional<Segment> rise = sentence.segments
                    .whole(Column.RISE, from, sentence.tokens.size(), sentence.situation())
                    .filter(Segment::sure);
            return rise.isPresent() && cellWords.rise(rise.get()) ? sentence.tokens.size() : from;
        }
        if (sentence.rowNamed || pieces.size() != sentence.rows().size()) {
            return from;
        }
        for (int row = 0; row < pieces.size(); row++) {
            int[] piece = pieces.get(row);
            int of = row;
            if (column == Column.FOOT_POSITION && sentence.isFoot(piece[0])) {
                sentence.put(
                        of,
                        Column.FOOT,
                        Foot.LEXICON.read(sentence.tokens.get(piece[0]).word()).shorthand(),
                        piece[0],
                        piece[0] + 1);
            }
            Optional<Segment> cell = sentence.segments.whole(column, piece[0], piece[1], sentence.situation());
            cell.ifPresentOrElse(
                    segment -> sentence.put(of, column, segment.text(), piece[0], piece[1]),
                    () -> sentence.heard.leave(sentence.place(piece[0]), sentence.placeAfter(piece[1])));
        }
        return sentence.tokens.size();
    }
}
