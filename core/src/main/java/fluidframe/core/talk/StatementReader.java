package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Counts;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.Place;
import fluidframe.core.phrase.CountPhrasing;
import fluidframe.core.phrase.Numbers;
import fluidframe.core.phrase.Phrasebook;
import fluidframe.core.phrase.Situation;
import fluidframe.core.space.Side;
import fluidframe.core.step.Foot;
import fluidframe.core.step.RiseFall;
import fluidframe.core.text.Fraction;
import fluidframe.core.text.Token;
import fluidframe.core.text.Tokens;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.CountToken;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Reads the statements of a telling into rows: which of the two they speak of, which step, and what of it. */
final class StatementReader {

    private static final Set<String> FEET = Set.of("right", "left", "rf", "lf", "r", "l", "rt", "lt", "both");
    private static final Pattern STEPS_COUNTED = Pattern.compile("^[\\s,]*\\w+ steps?\\b[:,\\s]*");
    private static final Set<String> ARMS = Set.of("hand", "hands", "arm", "arms", "elbow", "elbows");
    private static final Set<String> MOVED = Set.of("raise", "raises", "raised", "lift", "lifts", "lower", "lowers", "lowered", "drops", "drop", "extends", "extend", "circle", "circles", "pushes", "pulls");
    /** How notes are headed: "M:", "W:". */
    private static final Map<String, Part> INITIALS = Map.of("m", Part.MAN, "g", Part.MAN, "w", Part.LADY);
    private static final Set<Column> FREE = Set.of(Column.ARMS, Column.LEAD, Column.NOTE);
    private static final List<String> ORDINALS = List.of("first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth");
    /** Counts that are never anything else. */
    private static final Set<String> SPOKEN = Set.of("slow", "quick");
    private static final Set<String> LESS = Set.of("less", "more");

    private final ToldFigure figure;
    private final Heard heard;
    private final boolean amends;
    private final Map<Part, Side> turning = new EnumMap<>(Part.class);
    private Part part;
    /** What the statement is about, if not the rows: how the figure starts or ends. */
    private Optional<Words.Does> end = Optional.empty();
    private Statement statement;
    private List<Token> tokens;
    private Segments segments;
    /** Whether the sentence has named the row it speaks of. */
    private boolean rowNamed;
    /** Whether this piece of it has said where the foot goes; its foot may come after that. */
    private boolean placedHere;
    /** The rows that it named for what it spoke of last. */
    private final List<Integer> rowsSpokenOf = new ArrayList<>();
    /** What the sentence spoke of last. */
    private Column spokenOf = Column.NOTE;
    /** The row the sentence has called by its number; it holds for the other of the two as well. */
    private OptionalInt called = OptionalInt.empty();

    /**
     * @param amends whether what is told changes what is there
     * @param part   whose steps are told until another is named
     */
    StatementReader(ToldFigure figure, Heard heard, boolean amends, Part part) {
        this.figure = figure;
        this.heard = heard;
        this.amends = amends;
        this.part = part;
    }

    private ToldRows rows() {
        return figure.rows(part);
    }

    /** A sentence; its pieces may speak of the row that the first of them names. */
    void readSentence(Statement sentence) {
        rowNamed = false;
        called = OptionalInt.empty();
        spokenOf = Column.NOTE;
        List<Token> words = Tokens.of(sentence.text());
        boolean column = Words.COLUMNS.longest(words, 0).filter(match -> match.length() < words.size() && words.get(match.length()).is(";")).isPresent();
        List<Statement> pieces = column ? List.of(sentence) : sentence.pieces();
        if (!readCellsOfRows(sentence) && !readThroughout(sentence)) {
            pieces.forEach(this::read);
        }
        if (!amends && rows().isOnlyCounted()) {
            rows().rewind();
        }
    }

    /** "Heel toe, toe, toe heel" of three steps that have been told: a cell each. */
    private boolean readCellsOfRows(Statement sentence) {
        statement = sentence;
        tokens = Tokens.of(sentence.text());
        segments = new Segments(sentence.text(), tokens);
        List<int[]> pieces = pieces(0);
        if (amends || pieces.size() < 2 || pieces.size() != rows().size() || rows().cell(0, Column.FOOT_POSITION).isEmpty()) {
            return false;
        }
        rowNamed = false;
        Optional<Column> column = Stream.of(Column.FOOTWORK, Column.TURN, Column.ALIGNMENT, Column.SWAY).filter(each -> pieces.stream().allMatch(piece -> segments.whole(each, piece[0], piece[1], situation()).filter(Segment::sure).isPresent())).findFirst();
        column.ifPresent(each -> cells(each, 0));
        return column.isPresent();
    }

    /** "All ball flat", "no sway throughout": the same for every step of both that says nothing else. */
    private boolean readThroughout(Statement sentence) {
        int last = tokens.size() - 1;
        boolean all = last > 0 && (tokens.get(0).is("all") || tokens.get(0).is("always"));
        boolean throughout = last > 0 && tokens.get(last).is("throughout");
        if (amends || !all && !throughout) {
            return false;
        }
        int from = all ? 1 : 0;
        int to = throughout ? last : last + 1;
        Optional<Segment> cell = Stream.of(Column.FOOTWORK, Column.RISE, Column.SWAY).flatMap(column -> segments.whole(column, from, to, situation()).filter(Segment::sure).stream()).findFirst();
        cell.ifPresent(segment -> {
            for (Part each : Part.values()) {
                for (int row = 0; row < figure.rows(each).size(); row++) {
                    if (figure.rows(each).put(row, segment.column(), segment.text(), false)) {
                        heard.take(sentence.from(), sentence.to(), Place.cell(each, row, segment.column()), segment.text());
                    }
                }
            }
        });
        return cell.isPresent();
    }

    /** "Slow quick quick slow", "2 3 4 1": nothing but the counts of the rows that follow. */
    private boolean readCounts() {
        boolean before = rows().now() < 0;
        boolean after = IntStream.range(0, rows().size()).noneMatch(row -> !rows().cell(row, Column.COUNT).isEmpty());
        List<String> counts = amends || rowNamed || !before && !after ? List.of() : new CountPhrasing().rows(STEPS_COUNTED.matcher(statement.text()).replaceFirst("").replaceAll("[()]", " "));
        if (counts.size() < 2 || !before && counts.size() != rows().size()) {
            return false;
        }
        layOut(counts, 0);
        if (before) {
            rows().rewind();
        }
        return true;
    }

    private void read(Statement piece) {
        statement = piece;
        tokens = Tokens.of(piece.text());
        segments = new Segments(piece.text(), tokens);
        end = Optional.empty();
        placedHere = false;
        int at = readCounts() || readArms() ? tokens.size() : initial();
        while (at < tokens.size()) {
            at = readFrom(at);
        }
    }

    /** "He raises his left hand on 4": what arms do is kept in the coach's own words, in the row that is counted so. */
    private boolean readArms() {
        boolean arms = tokens.stream().anyMatch(token -> ARMS.contains(token.word())) && tokens.stream().anyMatch(token -> MOVED.contains(token.word())) && tokens.stream().noneMatch(token -> token.is(";"));
        if (!arms) {
            return false;
        }
        for (int at = 0; at < tokens.size(); at++) {
            if (Words.JOINTS.longest(tokens, at).filter(match -> match.meaning() == Words.Does.LADY || match.meaning() == Words.Does.MAN).isPresent()) {
                part = Words.part(Words.JOINTS.longest(tokens, at).get().meaning());
                break;
            }
        }
        if (rows().size() == 0) {
            return false;
        }
        int row = Math.max(0, rows().now());
        for (int at = 0; at + 1 < tokens.size(); at++) {
            Optional<Integer> beat = tokens.get(at).is("on") ? number(at + 1) : Optional.empty();
            if (beat.isPresent()) {
                row = IntStream.range(0, rows().size()).filter(each -> rows().cell(each, Column.COUNT).equals(String.valueOf(beat.get()))).findFirst().orElse(Math.min(rows().size(), beat.get()) - 1);
                break;
            }
        }
        return put(row, Column.ARMS, statement.text(), 0, tokens.size());
    }

    /** "M:", "W: …". */
    private int initial() {
        boolean headed = tokens.size() > 1 && INITIALS.containsKey(tokens.get(0).word()) && (tokens.get(1).is(";") || Words.JOINTS.longest(tokens, 1).filter(match -> match.meaning() == Words.Does.OPPOSITE).isPresent());
        if (!headed) {
            return 0;
        }
        part = INITIALS.get(tokens.get(0).word());
        return 1;
    }

    /** @return the next token to be read, always a later one */
    private int readFrom(int at) {
        Token token = tokens.get(at);
        if (at == 0 || tokens.get(at - 1).isBreak()) {
            whom(at).ifPresent(named -> part = named);
        }
        if (token.isBreak() || token.is("-") || token.is("/") || token.is("(") || token.is(")")) {
            return at + 1;
        }
        int read = column(at);
        read = read > at ? read : stepReference(at);
        read = read > at ? read : less(at);
        read = read > at ? read : startOrEnd(at);
        read = read > at ? read : count(at);
        read = read > at ? read : swayOn(at);
        read = read > at ? read : foot(at);
        read = read > at ? read : segment(at);
        read = read > at ? read : joint(at);
        if (read > at) {
            return read;
        }
        heard.leave(place(at), statement.from() + token.to());
        return at + 1;
    }

    /** "(Sway left on two) for the man": whom the clause is told of, where that comes last. */
    private Optional<Part> whom(int at) {
        int end = clauseEnd(at);
        for (int to = end - 1; to > at && to >= end - 2; to--) {
            int from = tokens.get(to - 1).is("the") ? to - 2 : to - 1;
            Optional<Words.Does> named = Words.JOINTS.longest(tokens, to).map(Phrasebook.Match::meaning).filter(does -> does == Words.Does.MAN || does == Words.Does.LADY);
            boolean him = tokens.get(to).is("him");
            if (from > at && tokens.get(from).is("for") && (named.isPresent() || him)) {
                return Optional.of(him ? Part.MAN : Words.part(named.get()));
            }
        }
        return Optional.empty();
    }

    private int clauseEnd(int at) {
        int end = at;
        while (end < tokens.size() && !tokens.get(end).isBreak()) {
            end++;
        }
        return end;
    }

    private int place(int at) {
        return statement.from() + tokens.get(at).from();
    }

    private int placeAfter(int at) {
        return statement.from() + tokens.get(at - 1).to();
    }

    private Optional<Integer> number(int at) {
        OptionalInt number = at < tokens.size() ? Numbers.of(tokens.get(at)) : OptionalInt.empty();
        return number.isPresent() && number.getAsInt() <= DraftReader.MOST_ROWS ? Optional.of(number.getAsInt()) : Optional.empty();
    }


    /** "Man", "she", "the natural opposite", "second half". */
    private int joint(int at) {
        Optional<Phrasebook.Match<Words.Does>> match = Words.JOINTS.longest(tokens, at);
        if (match.isEmpty()) {
            return at;
        }
        int after = at + match.get().length();
        switch (match.get().meaning()) {
            case MAN, LADY -> {
                part = Words.part(match.get().meaning());
                rowNamed = called.isPresent() && rows().go(called.getAsInt());
                if (amends) {
                    Optional<Integer> row = number(after);
                    if (row.isPresent() && rows().go(row.get() - 1)) {
                        rowNamed = true;
                        return after + 1;
                    }
                }
            }
            case OPPOSITE -> deriveFromPartner(at, after);
            case NOT_TILL -> {
                return notTill(at, after);
            }
            default -> { }
        }
        return after;
    }

    /** "Does not finish her body till three." */
    private int notTill(int at, int after) {
        Optional<Integer> till = number(after);
        if (till.isEmpty() || rows().now() < 0 || till.get() > rows().size()) {
            return at;
        }
        put(rows().now(), Column.TURN, "body less", at, after + 1);
        put(till.get() - 1, Column.TURN, "body completes", at, after + 1);
        return after + 1;
    }

    /** "Step five", "on two", "the last step". */
    private int stepReference(int at) {
        Token token = tokens.get(at);
        int after = at;
        Optional<Integer> row = Optional.empty();
        if ((token.is("step") || token.is("row")) && number(at + 1).isPresent()) {
            row = number(at + 1);
            after = at + 2;
        } else if ((token.is("on") || token.is("at")) && number(at + 1).isPresent() && !rowsFollow(at)) {
            if (saysCount(number(at + 1).get())) {
                return onCount(at);
            }
            row = number(at + 1);
            after = at + 2;
        } else if (ORDINALS.contains(token.word()) && at + 1 < tokens.size() && (tokens.get(at + 1).is("step") || at == 0 && tokens.get(at + 1).isBreak())) {
            row = Optional.of(ORDINALS.indexOf(token.word()) + 1);
            after = at + 2;
        } else if (at == 0 && number(at).isPresent() && at + 1 < tokens.size() && tokens.get(at + 1).is(";") && isCountedInWords()) {
            row = number(at);
            after = at + 1;
        } else if (token.is("last") && at + 1 < tokens.size() && tokens.get(at + 1).is("step")) {
            row = Optional.of(rows().size());
            after = at + 2;
        } else if (amends && !rowNamed && number(at).isPresent() && at == 0) {
            row = number(at);
            after = at + 1;
        }
        if (row.isEmpty()) {
            return at;
        }
        boolean next = !amends && row.get() == rows().size() + 1;
        if (next) {
            rows().next();
        } else if (!rows().go(row.get() - 1)) {
            return at;
        }
        rowNamed = true;
        called = OptionalInt.of(rows().now());
        return after;
    }

    /** Where steps are counted slow and quick, a number before a colon names a step. */
    private boolean isCountedInWords() {
        return IntStream.range(0, rows().size()).anyMatch(row -> rows().cell(row, Column.COUNT).matches("[SQ].*"));
    }

    /** While a figure is told, "on two" after a step says when it is taken; before a step it names the step, unless that would leave some out. */
    private boolean saysCount(int number) {
        boolean afterStep = rowNamed && rows().now() >= 0 && rows().has(Column.FOOT_POSITION);
        return !amends && (afterStep && !rows().has(Column.COUNT) || number > rows().size() + 1);
    }

    private int onCount(int at) {
        int after = at + 2;
        String mark = String.valueOf(number(at + 1).orElseThrow());
        if (number(after).isPresent() && (number(after).get() == number(at + 1).get() + 1 || number(after).get() == 1)) {
            mark += "-" + number(after).get();
            after++;
        }
        if (!rowNamed) {
            rows().next();
            rowNamed = true;
        }
        put(rows().now(), Column.COUNT, mark, at, after);
        return after;
    }

    /** "On one and two": more rows than one. */
    private boolean rowsFollow(int at) {
        return at + 3 < tokens.size() && tokens.get(at + 2).is("and") && number(at + 3).isPresent() && tokens.get(at).is("on") && at > 0 && !tokens.get(at - 1).isBreak();
    }

    /** "Make it an eighth less." */
    private int less(int at) {
        int end = clauseEnd(at);
        boolean says = end - 1 > at && LESS.contains(tokens.get(end - 1).word()) && rows().now() >= 0 && tokens.subList(at, end).stream().noneMatch(token -> token.is("body"));
        if (!amends || !says) {
            return at;
        }
        int from = at;
        while (from < end && Words.JOINTS.longest(tokens, from).isPresent() && !tokens.get(from).is("a")) {
            from++;
        }
        Optional<Fraction> size = size(from, end - 1);
        Optional<String> turn = size.flatMap(by -> TurnChange.by(rows().cell(rows().now(), Column.TURN), by, tokens.get(end - 1).is("more")));
        if (turn.isEmpty()) {
            return at;
        }
        rows().put(rows().now(), Column.TURN, turn.get(), true);
        heard.take(place(at), placeAfter(end), rows().place(rows().now(), Column.TURN), turn.get());
        return end;
    }

    private Optional<Fraction> size(int from, int to) {
        return from >= to ? Optional.empty() : segments.whole(Column.TURN, from, to, Situation.UNKNOWN.withTurning(Optional.of(Side.RIGHT))).flatMap(segment -> TurnChange.size(segment.text()));
    }

    /** "It ends facing diagonal centre", "starts in promenade position". */
    private int startOrEnd(int at) {
        Optional<Phrasebook.Match<Words.Does>> match = Words.JOINTS.longest(tokens, at).filter(each -> each.meaning() == Words.Does.STARTS || each.meaning() == Words.Does.ENDS);
        if (match.isEmpty()) {
            return at;
        }
        int after = at + match.get().length();
        boolean ofAStep = after < tokens.size() && Words.OF_A_STEP.contains(tokens.get(after).word());
        int foot = after;
        while (foot < tokens.size() && Set.of("with", "on", "the", "his", "her").contains(tokens.get(foot).word())) {
            foot++;
        }
        if (isFoot(foot)) {
            return foot;
        }
        if (ofAStep) {
            return at;
        }
        end = Optional.of(match.get().meaning());
        boolean preposition = after > at + 1 && Set.of("facing", "backing", "pointing", "in", "outside").contains(tokens.get(after - 1).word());
        return preposition ? after - 1 : after;
    }

    /** "Slow", "one", "1": the count of the row that follows. */
    private int count(int at) {
        boolean begins = at == 0 || tokens.get(at - 1).isBreak() || tokens.get(at - 1).is("and") || tokens.get(at - 1).is("then") || SPOKEN.contains(tokens.get(at).word());
        if (!begins || end.isPresent()) {
            return at;
        }
        int to = countEnd(at);
        boolean spoken = SPOKEN.contains(tokens.get(at).word());
        boolean alone = spoken || to == clauseEnd(at) && (placedHere && to == tokens.size() || !tokens.get(at).isNumber() && to == at + 1);
        boolean rowFollows = to < tokens.size() && (tokens.get(to).isBreak() || tokens.get(to).is("-") || isFoot(to) || segments.at(to, clauseEnd(to), situation()).filter(segment -> segment.column() == Column.FOOT_POSITION).isPresent());
        if (to == at || !rowFollows && !alone) {
            return at;
        }
        String said = tokens.subList(at, to).stream().map(Token::word).collect(Collectors.joining("-"));
        Optional<String> mark = new CountPhrasing().read(said, Situation.UNKNOWN.withLastBeat(lastBeat())).shorthand();
        if (mark.isEmpty()) {
            return at;
        }
        if (numbersCounted(at, to)) {
            return to;
        }
        boolean countsThis = alone && placedHere && (!rows().said(Column.COUNT) || to == tokens.size() && rows().cell(rows().now(), Column.COUNT).equals(mark.get()));
        if (countsThis) {
            put(rows().now(), Column.COUNT, mark.get(), at, to);
            return to;
        }
        boolean fresh = rows().now() < 0 || rows().said(Column.COUNT) || rows().said(Column.FOOT_POSITION);
        if (fresh) {
            rows().next();
        }
        rowNamed = true;
        put(rows().now(), Column.COUNT, mark.get(), at, to);
        return to;
    }

    /** "1 LF side, 2 RF across" after "slow quick quick": the number of a row whose count is known. */
    private boolean numbersCounted(int at, int to) {
        Optional<Integer> row = to == at + 1 ? number(at).map(number -> number - 1) : Optional.empty();
        boolean counted = row.filter(index -> index < rows().size() && !rows().cell(index, Column.COUNT).isEmpty() && !rows().cell(index, Column.COUNT).equals(String.valueOf(index + 1))).isPresent();
        if (!counted || rows().cell(row.get(), Column.FOOT_POSITION).length() > 0) {
            return false;
        }
        rowNamed = rows().go(row.get());
        return true;
    }

    private int countEnd(int at) {
        Set<String> words = Set.of("slow", "quick", "s", "q", "and", "a");
        boolean ampersand = statement.text().charAt(tokens.get(at).from()) == '&' || tokens.get(at).is("a") && isFoot(at + 1);
        boolean mark = ampersand || number(at).isPresent() || words.contains(tokens.get(at).word()) && !tokens.get(at).is("and") && !tokens.get(at).is("a");
        if (!mark) {
            return at;
        }
        boolean tied = at + 1 < tokens.size() && number(at + 1).isPresent() && statement.text().substring(tokens.get(at).to(), tokens.get(at + 1).from()).matches("\\s*[-–]\\s*");
        boolean heldOn = at + 2 == tokens.size() && number(at).isPresent() && number(at + 1).filter(next -> next == 1 || next == number(at).get() + 1).isPresent();
        return tied || heldOn ? at + 2 : at + 1;
    }

    private OptionalInt lastBeat() {
        return number(rows().cell(rows().size() - 1, Column.COUNT));
    }

    private static OptionalInt number(String count) {
        return count.matches("\\d{1,2}") ? OptionalInt.of(Integer.parseInt(count)) : OptionalInt.empty();
    }

    private boolean isFoot(int at) {
        if (at >= tokens.size() || !FEET.contains(tokens.get(at).word())) {
            return false;
        }
        boolean side = !tokens.get(at).is("rf") && !tokens.get(at).is("lf") && at + 1 < tokens.size() && (Set.of("shoulder", "sway", "hand", "hip", "hands").contains(tokens.get(at + 1).word()) || Segments.isSideOfBody(tokens, at + 1));
        boolean towards = at > 0 && Set.of("to", "sway", "sl", "slightly", "of", "behind", "across", "over", "past").contains(tokens.get(at - 1).word()) || at > 1 && tokens.get(at - 1).is("the") && tokens.get(at - 2).is("to");
        boolean bothDance = tokens.get(at).is("both") && (at + 1 >= tokens.size() || !tokens.get(at + 1).is("feet"));
        return !side && !towards && !bothDance;
    }

    /** "(No sway on one,) left on two, right on three." */
    private int swayOn(int at) {
        boolean side = tokens.get(at).is("left") || tokens.get(at).is("right") || tokens.get(at).is("straight");
        if (spokenOf != Column.SWAY || !side || at + 1 >= tokens.size()) {
            return at;
        }
        Optional<Segment> sway = segments.whole(Column.SWAY, at, at + 1, situation());
        boolean onRows = tokens.get(at + 1).is("on") && number(at + 2).isPresent();
        if (onRows) {
            return sway.map(this::rowsAfter).orElse(at);
        }
        boolean sameRows = tokens.get(at + 1).is("for") && !rowsSpokenOf.isEmpty();
        if (sameRows) {
            sway.ifPresent(segment -> rowsSpokenOf.stream().filter(row -> row < rows().size()).forEach(row -> put(row, Column.SWAY, segment.text(), at, at + 1)));
        }
        return sameRows ? at + 1 : at;
    }

    /** "Right foot", "LF", and "to left" after what closes. */
    private int foot(int at) {
        int feet = at;
        boolean on = tokens.get(at).is("on") || tokens.get(at).is("with");
        while (feet < tokens.size() && Set.of("the", "his", "her", "on", "with").contains(tokens.get(feet).word())) {
            feet++;
        }
        if (!isFoot(feet) || end.isPresent() || on && (rows().now() < 0 || rows().said(Column.FOOT))) {
            return at;
        }
        int after = feet + 1;
        if (after < tokens.size() && (tokens.get(after).is("foot") || tokens.get(after).is("feet"))) {
            after++;
        }
        Optional<Foot> foot = Foot.LEXICON.find(tokens.get(feet).word());
        if (foot.isEmpty()) {
            return at;
        }
        boolean verbFirst = placedHere && rows().now() >= 0 && rows().said(Column.FOOT_POSITION) && !rows().said(Column.FOOT);
        boolean named = rowNamed && !rows().said(Column.FOOT) && (placedHere || !rows().said(Column.FOOT_POSITION)) || amends;
        if (!verbFirst && !named && (rows().now() < 0 || rows().said(Column.FOOT) || rows().said(Column.FOOT_POSITION))) {
            rows().next();
            rowNamed = true;
        }
        if (rows().now() < 0) {
            return at;
        }
        put(rows().now(), Column.FOOT, foot.get().shorthand(), at, after);
        return verbFirst ? otherFoot(after) : after;
    }

    /** "(Close right) to left": the foot it goes to says nothing more. */
    private int otherFoot(int at) {
        int after = at;
        while (after < tokens.size() && Set.of("to", "the", "towards", "left", "right", "lf", "rf", "l", "r", "foot").contains(tokens.get(after).word())) {
            after++;
        }
        return after;
    }

    private Situation situation() {
        Optional<Foot> foot = Foot.LEXICON.find(rows().cell(rows().now(), Column.FOOT));
        return Situation.UNKNOWN.withTurning(Optional.ofNullable(turning.getOrDefault(part, turning.get(part.partner())))).withFoot(foot);
    }

    private int segment(int at) {
        Optional<Segment> found = segments.at(at, clauseEnd(at), situation());
        if (found.filter(segment -> segment.column() == Column.RISE).isPresent()) {
            Optional<Segment> across = segments.at(at, tokens.size(), situation()).filter(segment -> segment.column() == Column.RISE);
            found = across.or(() -> segments.at(at, clauseEnd(at), situation()));
        }
        if (found.isEmpty()) {
            return end.isPresent() ? at : moreOfPosition(at);
        }
        Segment segment = found.get();
        boolean adds = tokens.get(at).is("across") || placedHere && segment.column() == Column.FOOT_POSITION && (tokens.get(at).is("slightly") || tokens.get(at).is("sl"));
        int more = end.isEmpty() && adds ? moreOfPosition(at) : at;
        if (more > at) {
            return more;
        }
        if (end.isEmpty() && !rowNamed && segment.column() != Column.FOOT_POSITION && segment.column() != Column.RISE && namesRows(segment.to())) {
            spokenOf = segment.column();
            return rowsAfter(segment);
        }
        boolean beforeAll = !amends && rows().now() < 0 && (segment.column() == Column.ALIGNMENT || segment.column() == Column.RELATION);
        if (beforeAll) {
            end = Optional.of(Words.Does.STARTS);
        }
        if (end.isPresent()) {
            return startsOrEnds(segment) ? segment.to() : at;
        }
        return apply(segment) ? rowsAfter(segment) : at;
    }

    private boolean namesRows(int at) {
        return at < tokens.size() && tokens.get(at).is("on") && number(at + 1).filter(row -> row <= rows().size()).isPresent();
    }

    /** "Outside partner", "part weight": more about where the foot of the row goes. */
    private int moreOfPosition(int at) {
        int to = clauseEnd(at);
        String before = rows().cell(rows().now(), Column.FOOT_POSITION);
        if (before.isEmpty() || rows().isDerived(rows().now(), Column.FOOT_POSITION)) {
            return at;
        }
        String said = statement.text().substring(tokens.get(at).from(), tokens.get(to - 1).to());
        Optional<String> position = Column.FOOT_POSITION.phrasing().read(before + " " + said, situation()).shorthand().filter(more -> !more.equals(before));
        if (position.isEmpty()) {
            return at;
        }
        rows().put(rows().now(), Column.FOOT_POSITION, position.get(), true);
        heard.take(place(at), placeAfter(to), rows().place(rows().now(), Column.FOOT_POSITION), position.get());
        return to;
    }

    /** "Sway left on two and three": the other rows it is said of. */
    private int rowsAfter(Segment segment) {
        int at = segment.to();
        if (at < tokens.size() && tokens.get(at).is("on") && number(at + 1).isPresent() && segment.column() != Column.FOOT_POSITION && segment.column() != Column.RISE) {
            at++;
            rowsSpokenOf.clear();
            while (number(at).isPresent() || at < tokens.size() && (tokens.get(at).is("and") || tokens.get(at).is(","))) {
                int row = number(at).orElse(0) - 1;
                if (row >= 0 && row < rows().size()) {
                    put(row, segment.column(), segment.text(), segment.from(), at + 1);
                    rowsSpokenOf.add(row);
                }
                at++;
            }
        }
        return at;
    }

    private boolean startsOrEnds(Segment segment) {
        boolean starts = end.orElseThrow() == Words.Does.STARTS;
        if (segment.column() == Column.ALIGNMENT) {
            if (starts) {
                figure.become(figure.draft().withStartAlignments(List.of(segment.text())));
                heard.take(place(segment.from()), placeAfter(segment.to()), Place.field("startAlignments/0"), segment.text());
                return true;
            }
            int last = figure.rows(Part.MAN).size() - 1;
            if (last < 0) {
                return false;
            }
            if (figure.rows(Part.MAN).cell(last, Column.ALIGNMENT).isEmpty()) {
                figure.rows(Part.MAN).put(last, Column.ALIGNMENT, segment.text(), false);
            }
            heard.take(place(segment.from()), placeAfter(segment.to()), Place.cell(Part.MAN, last, Column.ALIGNMENT), figure.rows(Part.MAN).cell(last, Column.ALIGNMENT));
            return figure.rows(Part.MAN).cell(last, Column.ALIGNMENT).equals(segment.text()) || leaveFalse(segment);
        }
        Optional<Segment> relation = segment.column() == Column.RELATION ? Optional.of(segment) : segments.whole(Column.RELATION, segment.from(), segment.to(), Situation.UNKNOWN);
        if (relation.isEmpty()) {
            return false;
        }
        FigureDraft.RelationDraft before = starts ? figure.draft().start() : figure.draft().end();
        FigureDraft.RelationDraft after = RelationWords.with(before, relation.get().text());
        figure.become(starts ? figure.draft().withStart(after) : figure.draft().withEnd(after));
        if (!starts) {
            figure.endIsSaid();
        }
        heard.take(place(segment.from()), placeAfter(segment.to()), Place.field(starts ? "start/position" : "end/position"), relation.get().text());
        return true;
    }

    /** What contradicts the last row is said, not taken. */
    private boolean leaveFalse(Segment segment) {
        heard.forgetLast();
        heard.leave(place(segment.from()), placeAfter(segment.to()));
        return true;
    }

    private boolean apply(Segment segment) {
        spokenOf = segment.column();
        if (segment.column() == Column.FOOT_POSITION) {
            return position(segment);
        }
        if (segment.column() == Column.RISE) {
            return rise(segment);
        }
        if (beginsRow(segment)) {
            rows().next();
            rowNamed = true;
            if (segment.column() == Column.ACTION && isFoot(segment.to() - 1)) {
                put(rows().now(), Column.FOOT, Foot.LEXICON.read(tokens.get(segment.to() - 1).word()).shorthand(), segment.to() - 1, segment.to());
            }
        }
        int row = segment.column() == Column.TURN ? rowOfTurn(segment) : rows().now();
        if (row < 0 || row >= rows().size()) {
            return false;
        }
        if (segment.column() == Column.TURN) {
            rows().forgetDerived(row, Column.ALIGNMENT);
            turning.put(part, TurnChange.side(segment.text()).orElse(turning.getOrDefault(part, Side.RIGHT)));
        }
        boolean done = put(row, segment.column(), segment.text(), segment.from(), segment.to());
        if (done && !segment.sure()) {
            rows().doubt(row, segment.column());
            heard.doubtLast(segment.text());
        }
        return done;
    }

    /** "Appel on RF" before any other step, "turning a quarter to the left, LF back": what is told before the foot that does it. */
    private boolean beginsRow(Segment segment) {
        if (amends || rowNamed) {
            return false;
        }
        boolean action = segment.column() == Column.ACTION && rows().now() < 0 && isFoot(segment.to() - 1);
        return action || segment.column() == Column.TURN && segment.to() + 1 < tokens.size() && tokens.get(segment.to()).isBreak() && isFoot(segment.to() + 1);
    }

    /** "Between one and two" names the row, if the statement has not. */
    private int rowOfTurn(Segment segment) {
        for (int at = segment.from(); !rowNamed && at + 3 < tokens.size() && at < segment.to(); at++) {
            if (tokens.get(at).is("between") && number(at + 1).isPresent() && number(at + 3).isPresent()) {
                return number(at + 3).get() - 1;
            }
        }
        return rows().now();
    }

    private boolean position(Segment segment) {
        boolean again = rows().now() >= 0 && rows().has(Column.FOOT_POSITION) && !amends && !rows().isDerived(rows().now(), Column.FOOT_POSITION);
        if (rows().now() < 0 || again) {
            if (amends) {
                return false;
            }
            rows().next();
            rowNamed = true;
        }
        placedHere = true;
        boolean crossing = segment.from() + 1 < segment.to() && Segments.CROSSING.contains(tokens.get(segment.from()).word()) && isFoot(segment.from() + 1);
        if (crossing) {
            put(rows().now(), Column.FOOT, Foot.LEXICON.read(tokens.get(segment.from() + 1).word()).shorthand(), segment.from() + 1, segment.from() + 2);
        }
        return put(rows().now(), Column.FOOT_POSITION, segment.text(), segment.from(), segment.to());
    }

    /** Each part of it in the row it speaks of; beside its own row a step needs no number. */
    private boolean rise(Segment segment) {
        RiseFall rise = RiseFall.parse(segment.text());
        boolean all = true;
        for (RiseFall.Phase phase : rise.phases()) {
            int row = phase.step().map(step -> step - 1).filter(step -> step < rows().size()).orElse(rows().now());
            if (row < 0) {
                return false;
            }
            Optional<Integer> step = phase.atEnd() ? phase.step() : Optional.empty();
            all &= put(row, Column.RISE, new RiseFall(List.of(new RiseFall.Phase(phase.kind(), phase.atEnd(), step))).toString(), segment.from(), segment.to());
        }
        if (rise.isNone() && rows().now() >= 0) {
            heard.take(place(segment.from()), placeAfter(segment.to()), rows().place(rows().now(), Column.RISE), "");
        }
        return all;
    }

    /** "Footwork: heel toe, toe, toe heel": a column by its name, row by row. */
    private int column(int at) {
        Optional<Phrasebook.Match<Column>> match = Words.COLUMNS.longest(tokens, at);
        boolean begins = at == 0 || tokens.get(at - 1).isBreak() || amends || Words.JOINTS.longest(tokens, at - 1).isPresent();
        if (match.isEmpty() || !begins) {
            return at;
        }
        int after = at + match.get().length();
        boolean colon = after < tokens.size() && tokens.get(after).is(";");
        Column column = match.get().meaning();
        if (!colon && rowNamed && after < tokens.size()) {
            int end = clauseEnd(after);
            Optional<Segment> cell = segments.whole(column, after, end, situation()).filter(Segment::sure);
            return cell.isPresent() && put(rows().now(), column, cell.get().text(), at, end) ? end : at;
        }
        boolean cellEach = at == 0 && !rowNamed && rows().size() > 1 && pieces(after).size() == rows().size();
        if (!colon && !cellEach && !(column == Column.COUNT && after < tokens.size() && countEnd(after) > after)) {
            return at;
        }
        int from = colon ? after + 1 : after;
        if (from >= tokens.size()) {
            return at;
        }
        return column == Column.COUNT && (!rowNamed || countsAll(from)) ? counts(at, from) : FREE.contains(column) ? ownWords(column, from) : cells(column, from);
    }

    /** A count for each row; where they are more than the rows, rows of which only the count is known yet. */
    private void layOut(List<String> counts, int from) {
        for (int row = 0; row < counts.size(); row++) {
            while (row >= rows().size()) {
                rows().next();
            }
            put(row, Column.COUNT, counts.get(row), from, tokens.size());
        }
    }

    /** "Counted two, three, four and one" after the last of five steps. */
    private boolean countsAll(int from) {
        int marks = new CountPhrasing().rows(statement.text().substring(tokens.get(from).from())).size();
        return marks > 1 && marks == rows().size();
    }

    private int counts(int at, int from) {
        String said = statement.text().substring(tokens.get(from).from());
        try {
            layOut(Counts.read(said, rows().size()).tokens().stream().map(CountToken::toString).toList(), from);
            if (rows().isOnlyCounted()) {
                rows().rewind();
            }
            return tokens.size();
        } catch (UnreadableTextException noCount) {
            return at;
        }
    }

    /** What is told of the whole figure belongs to where it begins. */
    private int ownWords(Column column, int from) {
        if (rows().size() == 0) {
            return from - 1;
        }
        if (column == Column.LEAD && !rowNamed && figure.rows(Part.MAN).size() > 0) {
            part = Part.MAN;
        }
        put(Math.max(0, rows().now()), column, statement.text().substring(tokens.get(from).from()), from, tokens.size());
        return tokens.size();
    }

    /** What commas and semicolons part. */
    private List<int[]> pieces(int from) {
        List<int[]> pieces = new ArrayList<>();
        int begin = from;
        for (int at = from; at <= tokens.size(); at++) {
            if (at == tokens.size() || tokens.get(at).isBreak()) {
                if (at > begin) {
                    pieces.add(new int[]{begin, at});
                }
                begin = at + 1;
            }
        }
        return pieces;
    }

    /** The cells of all rows with commas between, or the cell of the row that is being told. */
    private int cells(Column column, int from) {
        List<int[]> pieces = pieces(from);
        Optional<Segment> whole = segments.whole(column, from, tokens.size(), situation()).filter(Segment::sure);
        if (rowNamed && whole.isPresent()) {
            put(rows().now(), column, whole.get().text(), from, tokens.size());
            return tokens.size();
        }
        boolean throughout = tokens.get(tokens.size() - 1).is("throughout");
        Optional<Segment> everywhere = throughout ? segments.whole(column, from, tokens.size() - 1, situation()) : Optional.empty();
        if (everywhere.isPresent()) {
            for (int row = 0; row < rows().size(); row++) {
                put(row, column, everywhere.get().text(), from, tokens.size());
            }
            return tokens.size();
        }
        if (column == Column.RISE && tokens.subList(from, tokens.size()).stream().anyMatch(token -> Set.of("on", "end", "e").contains(token.word()))) {
            Optional<Segment> rise = segments.whole(Column.RISE, from, tokens.size(), situation()).filter(Segment::sure);
            return rise.isPresent() && rise(rise.get()) ? tokens.size() : from;
        }
        if (rowNamed || pieces.size() != rows().size()) {
            return from;
        }
        for (int row = 0; row < pieces.size(); row++) {
            int[] piece = pieces.get(row);
            int of = row;
            if (column == Column.FOOT_POSITION && isFoot(piece[0])) {
                put(of, Column.FOOT, Foot.LEXICON.read(tokens.get(piece[0]).word()).shorthand(), piece[0], piece[0] + 1);
            }
            Optional<Segment> cell = segments.whole(column, piece[0], piece[1], situation());
            cell.ifPresentOrElse(segment -> put(of, column, segment.text(), piece[0], piece[1]), () -> heard.leave(place(piece[0]), placeAfter(piece[1])));
        }
        return tokens.size();
    }

    private boolean put(int row, Column column, String said, int from, int to) {
        if (!rows().put(row, column, said, amends && column != Column.ACTION)) {
            return false;
        }
        heard.take(place(from), placeAfter(to), rows().place(row, column), said);
        return true;
    }


    private void deriveFromPartner(int from, int to) {
        Part told = part.partner();
        figure.completeRows(told);
        figure.derive(part, told);
        heard.derive(place(from), placeAfter(to), Place.chart(part), "the natural opposite");
    }
}
