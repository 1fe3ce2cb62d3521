package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.phrase.CountPhrasing;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.lang3.StringUtils;

/**
 * What a sentence says of many rows at once: a cell each, the same throughout, nothing but counts; and what arms do,
 * which is kept as it was said.
 */
final class WholeSentences {

    private static final Pattern STEPS_COUNTED = Pattern.compile("^[\\s,]*+\\w++ steps?(?!\\w)[:,\\s]*+");
    private static final Set<String> ARMS = Set.of("hand", "hands", "arm", "arms", "elbow", "elbows");
    private static final Set<String> MOVED = Set.of(
            "raise", "raises", "raised", "lift", "lifts", "lower", "lowers", "lowered", "drops", "drop", "extends",
            "extend", "circle", "circles", "pushes", "pulls");

    private final Sentence sentence;
    private final ColumnWords columnWords;

    WholeSentences(Sentence sentence, ColumnWords columnWords) {
        this.sentence = sentence;
        this.columnWords = columnWords;
    }

    /** "Heel toe, toe, toe heel" of three steps that have been told: a cell each. */
    boolean readCellsOfRows(Statement said) {
        sentence.take(said);
        List<int[]> pieces = sentence.pieces(0);
        if (sentence.amends
                || pieces.size() < 2
                || pieces.size() != sentence.rows().size()
                || sentence.rows().cell(0, Column.FOOT_POSITION).isEmpty()) {
            return false;
        }
        sentence.rowNamed = false;
        Optional<Column> column = Stream.of(Column.FOOTWORK, Column.TURN, Column.ALIGNMENT, Column.SWAY)
                .filter(each -> pieces.stream()
                        .allMatch(piece -> sentence.segments
                                .whole(each, piece[0], piece[1], sentence.situation())
                                .filter(Segment::sure)
                                .isPresent()))
                .findFirst();
        column.ifPresent(each -> columnWords.cells(each, 0));
        return column.isPresent();
    }

    /** "All ball flat", "no sway throughout": the same for every step of both that says nothing else. */
    boolean readThroughout(Statement said) {
        int last = sentence.tokens.size() - 1;
        boolean all = last > 0
                && (sentence.tokens.get(0).is("all") || sentence.tokens.get(0).is("always"));
        boolean throughout = last > 0 && sentence.tokens.get(last).is("throughout");
        if (sentence.amends || !all && !throughout) {
            return false;
        }
        int from = all ? 1 : 0;
        int to = throughout ? last : last + 1;
        Optional<Segment> cell = Stream.of(Column.FOOTWORK, Column.RISE, Column.SWAY)
                .flatMap(column ->
                        sentence.segments.whole(column, from, to, sentence.situation()).filter(Segment::sure).stream())
                .findFirst();
        cell.ifPresent(segment -> {
            for (Part each : Part.values()) {
                for (int row = 0; row < sentence.figure.rows(each).size(); row++) {
                    if (sentence.figure.rows(each).put(row, segment.column(), segment.text(), false)) {
                        sentence.heard.take(
                                said.from(), said.to(), Place.cell(each, row, segment.column()), segment.text());
                    }
                }
            }
        });
        return cell.isPresent();
    }

    /** "Slow quick quick slow", "2 3 4 1": nothing but the counts of the rows that follow. */
    boolean readCounts() {
        boolean before = sentence.rows().now() < 0;
        boolean after = IntStream.range(0, sentence.rows().size())
                .noneMatch(row -> !sentence.rows().cell(row, Column.COUNT).isEmpty());
        List<String> counts = sentence.amends || sentence.rowNamed || !before && !after
                ? List.of()
                : new CountPhrasing()
                        .rows(StringUtils.replaceChars(
                                STEPS_COUNTED.matcher(sentence.statement.text()).replaceFirst(""), "()", "  "));
        if (counts.size() < 2 || !before && counts.size() != sentence.rows().size()) {
            return false;
        }
        columnWords.layOut(counts, 0);
        if (before) {
            sentence.rows().rewind();
        }
        return true;
    }

    /** "He raises his left hand on 4": what arms do is kept in the coach's own words, in the row that is counted so. */
    boolean readArms() {
        boolean arms = sentence.tokens.stream().anyMatch(token -> ARMS.contains(token.word()))
                && sentence.tokens.stream().anyMatch(token -> MOVED.contains(token.word()))
                && sentence.tokens.stream().noneMatch(token -> token.is(";"));
        if (!arms) {
            return false;
        }
        for (int at = 0; at < sentence.tokens.size(); at++) {
            if (Words.JOINTS
                    .longest(sentence.tokens, at)
                    .filter(match -> match.meaning() == Words.Does.LADY || match.meaning() == Words.Does.MAN)
                    .isPresent()) {
                sentence.part = Words.part(
                        Words.JOINTS.longest(sentence.tokens, at).get().meaning());
                break;
            }
        }
        if (sentence.rows().size() == 0) {
            return false;
        }
        int row = Math.max(0, sentence.rows().now());
        for (int at = 0; at + 1 < sentence.tokens.size(); at++) {
            Optional<Integer> beat = sentence.tokens.get(at).is("on") ? sentence.number(at + 1) : Optional.empty();
            if (beat.isPresent()) {
                row = IntStream.range(0, sentence.rows().size())
                        .filter(each -> sentence.rows().cell(each, Column.COUNT).equals(String.valueOf(beat.get())))
                        .findFirst()
                        .orElse(Math.min(sentence.rows().size(), beat.get()) - 1);
                break;
            }
        }
        return sentence.put(row, Column.ARMS, sentence.statement.text(), 0, sentence.tokens.size());
    }
}
