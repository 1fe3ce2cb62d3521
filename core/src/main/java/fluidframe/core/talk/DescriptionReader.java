package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.derive.PartnerPart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Counts;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.Place;
import fluidframe.core.notation.RowDraft;
import fluidframe.core.phrase.CountPhrasing;
import fluidframe.core.phrase.Leftover;
import fluidframe.core.phrase.Phrasebook;
import fluidframe.core.phrase.Situation;
import fluidframe.core.space.Side;
import fluidframe.core.step.Foot;
import fluidframe.core.step.RiseFall;
import fluidframe.core.text.Fraction;
import fluidframe.core.text.Token;
import fluidframe.core.text.Tokens;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Beats;
import fluidframe.core.time.CountToken;
import fluidframe.core.time.Timing;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Reads a figure as a coach tells it, in running sentences or in notes, for one part or both, step by step or summed up. Nothing is dropped: what was not
 * understood is left over in its place. Nothing is invented: what follows from something else is marked as derived.
 */
public final class DescriptionReader {

    /** Longer than any coach talks about one figure. */
    public static final int MOST_LETTERS = 20_000;

    private static final Set<String> FEET = Set.of("right", "left", "rf", "lf", "r", "l", "rt", "lt", "both");
    private static final Set<Column> FREE = Set.of(Column.ARMS, Column.LEAD, Column.NOTE);
    private static final List<String> ORDINALS = List.of("first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth");
    /** Counts that are never anything else. */
    private static final Set<String> SPOKEN = Set.of("slow", "quick");
    private static final Set<String> LESS = Set.of("less", "more");
    private static final int MOST_TITLE_WORDS = 7;

    private final String text;
    private final Dance dance;
    private final boolean amends;
    private final Map<Part, ToldRows> told = new EnumMap<>(Map.of(Part.MAN, new ToldRows(Part.MAN), Part.LADY, new ToldRows(Part.LADY)));
    private final List<Taken> taken = new ArrayList<>();
    private final List<Leftover> leftovers = new ArrayList<>();
    private final Map<Part, Side> turning = new EnumMap<>(Part.class);
    private FigureDraft draft;
    private Part part = Part.MAN;
    /** What the statement is about, if not the rows: how the figure starts or ends. */
    private Optional<Words.Does> end = Optional.empty();
    private Statement statement;
    private List<Token> tokens;
    private Segments segments;
    /** Whether the sentence has named the row it speaks of. */
    private boolean rowNamed;
    /** The row the sentence has called by its number; it holds for the other of the two as well. */
    private OptionalInt called = OptionalInt.empty();
    private int readTo;

    private DescriptionReader(String text, FigureDraft draft, Dance dance, boolean amends) {
        this.text = text;
        this.draft = draft;
        this.dance = dance;
        this.amends = amends;
    }

    /**
     * A new figure.
     *
     * @param text  what is told, no longer than {@value #MOST_LETTERS} letters
     * @param blank the figure it becomes: its id, its title until one is told, its dance and its level
     */
    public static Description tell(String text, FigureDraft blank, Dance dance) {
        return new DescriptionReader(text, blank, dance, false).read();
    }

    /** A figure that is there, with what is told changed: "step five, pointing diag centre", "lady four heel turn", "make it an eighth less". */
    public static Description amend(String text, FigureDraft figure, Dance dance) {
        return amend(text, figure, dance, Part.MAN, OptionalInt.empty());
    }

    /**
     * The same, where a row has been spoken of already.
     *
     * @param part whose row
     * @param row  from 0
     */
    public static Description amend(String text, FigureDraft figure, Dance dance, Part part, OptionalInt row) {
        DescriptionReader reader = new DescriptionReader(text, figure, dance, true);
        for (Part each : Part.values()) {
            reader.told.get(each).begin(figure.chart(each));
        }
        reader.part = part;
        row.ifPresent(at -> reader.rows().go(at));
        return reader.read();
    }

    private ToldRows rows() {
        return told.get(part);
    }

    private Description read() {
        boolean first = !amends;
        for (Statement sentence : Statement.sentences(text.substring(0, Math.min(text.length(), MOST_LETTERS)))) {
            Stopping.check();
            if (sentence.from() < readTo) {
                continue;
            }
            boolean names = first && (sentence.text().equalsIgnoreCase(dance.title()) || sentence.text().equalsIgnoreCase(dance.id()));
            if (!names && !readHeading(sentence) && !(first && readTitle(sentence))) {
                rowNamed = false;
                called = OptionalInt.empty();
                sentence.pieces().forEach(this::read);
            }
            first &= names;
        }
        if (!amends) {
            complete();
        }
        return description();
    }

    private Description description() {
        Set<String> derived = new HashSet<>(amends ? draft.derived() : List.of());
        taken.forEach(each -> derived.remove(each.place().pointer()));
        told.values().forEach(each -> derived.addAll(each.derived()));
        FigureDraft figure = draft.withMan(told.get(Part.MAN).drafts()).withLady(told.get(Part.LADY).drafts()).withDerived(derived.stream().sorted().toList());
        leftovers.sort(Comparator.comparingInt(Leftover::from));
        return new Description(figure, taken, leftovers);
    }

    // Whole sentences.

    /** A cue or a fault goes on to the end of its line, if it begins the line, else to the end of its sentence. */
    private Statement withItsLine(Statement sentence) {
        boolean beginsLine = sentence.from() == 0 || text.substring(text.lastIndexOf('\n', sentence.from() - 1) + 1, sentence.from()).isBlank();
        int lineEnd = text.indexOf('\n', sentence.from());
        return beginsLine ? new Statement(text.substring(sentence.from(), lineEnd < 0 ? text.length() : lineEnd).strip(), sentence.from()) : sentence;
    }

    private boolean readHeading(Statement heading) {
        Statement sentence = withItsLine(heading);
        List<Token> words = Tokens.of(sentence.text());
        Optional<Phrasebook.Match<Words.Told>> match = words.isEmpty() ? Optional.empty() : Words.HEADINGS.longest(words, 0);
        if (match.isEmpty()) {
            return false;
        }
        int after = match.get().length();
        boolean colon = after < words.size() && words.get(after).is(";");
        if (after >= words.size() || !colon && !Set.of("is", "are").contains(words.get(after).word())) {
            return false;
        }
        if (after + 1 >= words.size()) {
            return false;
        }
        String said = sentence.text().substring(words.get(after + 1).from()).strip();
        String whole = said.endsWith(".") && said.indexOf('.') == said.length() - 1 ? said.substring(0, said.length() - 1) : said;
        String capital = whole.substring(0, 1).toUpperCase(Locale.ROOT) + whole.substring(1);
        switch (match.get().meaning()) {
            case CUE -> draft = draft.withCues(added(draft.cues(), capital));
            case FAULT -> draft = draft.withFaults(added(draft.faults(), capital));
            case DRILL -> draft = draft.withDrills(added(draft.drills(), capital));
            case TITLE -> draft = draft.withTitle(whole);
        }
        String field = switch (match.get().meaning()) {
            case CUE -> "cues/" + (draft.cues().size() - 1);
            case FAULT -> "faults/" + (draft.faults().size() - 1);
            case DRILL -> "drills/" + (draft.drills().size() - 1);
            case TITLE -> "title";
        };
        taken.add(new Taken(sentence.from(), sentence.to(), Place.field(field), capital, false));
        readTo = sentence.to();
        return true;
    }

    private static List<String> added(List<String> texts, String text) {
        return Stream.concat(texts.stream(), Stream.of(text)).toList();
    }

    /** The first sentence, if it says nothing of a step: "Natural turn, waltz, bronze, two bars". */
    private boolean readTitle(Statement sentence) {
        List<Token> words = Tokens.of(sentence.text());
        boolean step = words.stream().anyMatch(word -> Set.of("foot", "rf", "lf", "forward", "fwd", "facing", "slow", "quick", "heel", "man", "lady", "he", "she", "count", "timing", "starts", "begins", "start", "begin").contains(word.word()));
        if (step || words.isEmpty() || words.get(0).isNumber() || words.stream().anyMatch(word -> word.is(";"))) {
            return false;
        }
        String[] pieces = sentence.text().split(",", -1);
        if (Tokens.of(pieces[0]).size() > MOST_TITLE_WORDS) {
            return false;
        }
        int from = sentence.from();
        for (int i = 0; i < pieces.length; i++) {
            String piece = pieces[i].strip();
            Optional<Level> level = Level.LEXICON.find(piece);
            if (i == 0) {
                draft = draft.withTitle(piece);
                take(from, from + pieces[i].length(), Place.field("title"), piece);
            } else if (level.isPresent()) {
                draft = draft.withLevel(level.get().shorthand());
                take(from, from + pieces[i].length(), Place.field("level"), level.get().shorthand());
            } else if (!piece.isEmpty() && !piece.equalsIgnoreCase(dance.title()) && !piece.equalsIgnoreCase(dance.id()) && !saysBars(piece)) {
                leave(from, from + pieces[i].length(), List.of());
            }
            from += pieces[i].length() + 1;
        }
        return true;
    }

    /** How long it is follows from its count. */
    private static boolean saysBars(String piece) {
        List<Token> words = Tokens.of(piece);
        return words.size() == 2 && words.get(1).word().startsWith("bar");
    }

    // Statements.

    private void read(Statement piece) {
        statement = piece;
        tokens = Tokens.of(piece.text());
        segments = new Segments(piece.text(), tokens);
        end = Optional.empty();
        int at = 0;
        while (at < tokens.size()) {
            at = readFrom(at);
        }
    }

    /** @return the next token to be read, always a later one */
    private int readFrom(int at) {
        Token token = tokens.get(at);
        if (token.isBreak() || token.is("-") || token.is("/") || token.is("(") || token.is(")")) {
            return at + 1;
        }
        int read = column(at);
        read = read > at ? read : stepReference(at);
        read = read > at ? read : less(at);
        read = read > at ? read : startOrEnd(at);
        read = read > at ? read : count(at);
        read = read > at ? read : foot(at);
        read = read > at ? read : segment(at);
        read = read > at ? read : joint(at);
        if (read > at) {
            return read;
        }
        leave(place(at), statement.from() + token.to(), List.of());
        return at + 1;
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
        if (at >= tokens.size()) {
            return Optional.empty();
        }
        String word = tokens.get(at).word();
        List<String> words = List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
        boolean digits = word.chars().allMatch(Character::isDigit) && word.length() <= 2;
        return words.contains(word) ? Optional.of(words.indexOf(word) + 1) : digits ? Optional.of(Integer.valueOf(word)) : Optional.empty();
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
        } else if (ORDINALS.contains(token.word()) && at + 1 < tokens.size() && tokens.get(at + 1).is("step")) {
            row = Optional.of(ORDINALS.indexOf(token.word()) + 1);
            after = at + 2;
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
        take(place(at), placeAfter(end), rows().place(rows().now(), Column.TURN), turn.get());
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
        boolean alone = spoken || to == clauseEnd(at) && !tokens.get(at).isNumber() && to == at + 1;
        boolean rowFollows = to < tokens.size() && (tokens.get(to).isBreak() || isFoot(to) || segments.at(to, clauseEnd(to), situation()).filter(segment -> segment.column() == Column.FOOT_POSITION).isPresent());
        if (to == at || !rowFollows && !alone) {
            return at;
        }
        String said = statement.text().substring(tokens.get(at).from(), tokens.get(to - 1).to());
        Optional<String> mark = new CountPhrasing().read(said, Situation.UNKNOWN.withLastBeat(lastBeat())).shorthand();
        if (mark.isEmpty()) {
            return at;
        }
        boolean fresh = rows().now() < 0 || rows().has(Column.COUNT) || rows().has(Column.FOOT_POSITION);
        if (fresh) {
            rows().next();
        }
        rowNamed = true;
        put(rows().now(), Column.COUNT, mark.get(), at, to);
        return to;
    }

    private int countEnd(int at) {
        Set<String> words = Set.of("slow", "quick", "s", "q", "and", "a");
        boolean ampersand = statement.text().charAt(tokens.get(at).from()) == '&' || tokens.get(at).is("a") && isFoot(at + 1);
        boolean mark = ampersand || number(at).isPresent() || words.contains(tokens.get(at).word()) && !tokens.get(at).is("and") && !tokens.get(at).is("a");
        if (!mark) {
            return at;
        }
        boolean tied = at + 1 < tokens.size() && number(at + 1).isPresent() && statement.text().substring(tokens.get(at).to(), tokens.get(at + 1).from()).matches("\\s*[-–]\\s*");
        return tied ? at + 2 : at + 1;
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
        boolean side = !tokens.get(at).is("rf") && !tokens.get(at).is("lf") && at + 1 < tokens.size() && Set.of("side", "shoulder", "sway", "hand", "hip", "hands").contains(tokens.get(at + 1).word());
        boolean towards = at > 0 && Set.of("to", "sway", "sl", "slightly").contains(tokens.get(at - 1).word());
        return !side && !towards;
    }

    /** "Right foot", "LF", and "to left" after what closes. */
    private int foot(int at) {
        int feet = at;
        boolean on = tokens.get(at).is("on") || tokens.get(at).is("with");
        while (feet < tokens.size() && Set.of("the", "his", "her", "on", "with").contains(tokens.get(feet).word())) {
            feet++;
        }
        if (!isFoot(feet) || end.isPresent() || on && (rows().now() < 0 || rows().has(Column.FOOT))) {
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
        boolean verbFirst = rows().now() >= 0 && rows().has(Column.FOOT_POSITION) && !rows().has(Column.FOOT);
        boolean named = rowNamed && !rows().has(Column.FOOT) || amends;
        if (!verbFirst && !named && (rows().now() < 0 || rows().has(Column.FOOT) || rows().has(Column.FOOT_POSITION))) {
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
            return at;
        }
        Segment segment = found.get();
        if (end.isPresent()) {
            return startsOrEnds(segment) ? segment.to() : at;
        }
        return apply(segment) ? rowsAfter(segment) : at;
    }

    /** "Sway left on two and three": the other rows it is said of. */
    private int rowsAfter(Segment segment) {
        int at = segment.to();
        if (at < tokens.size() && tokens.get(at).is("on") && number(at + 1).isPresent() && segment.column() != Column.FOOT_POSITION && segment.column() != Column.RISE) {
            at++;
            while (number(at).isPresent() || at < tokens.size() && (tokens.get(at).is("and") || tokens.get(at).is(","))) {
                int row = number(at).orElse(0) - 1;
                if (row >= 0 && row < rows().size()) {
                    put(row, segment.column(), segment.text(), segment.from(), at + 1);
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
                draft = draft.withStartAlignments(List.of(segment.text()));
                take(place(segment.from()), placeAfter(segment.to()), Place.field("startAlignments/0"), segment.text());
                return true;
            }
            int last = told.get(Part.MAN).size() - 1;
            if (last < 0) {
                return false;
            }
            if (told.get(Part.MAN).cell(last, Column.ALIGNMENT).isEmpty()) {
                told.get(Part.MAN).put(last, Column.ALIGNMENT, segment.text(), false);
            }
            take(place(segment.from()), placeAfter(segment.to()), Place.cell(Part.MAN, last, Column.ALIGNMENT), told.get(Part.MAN).cell(last, Column.ALIGNMENT));
            return told.get(Part.MAN).cell(last, Column.ALIGNMENT).equals(segment.text()) || leaveFalse(segment);
        }
        Optional<Segment> relation = segment.column() == Column.RELATION ? Optional.of(segment) : segments.whole(Column.RELATION, segment.from(), segment.to(), Situation.UNKNOWN);
        if (relation.isEmpty()) {
            return false;
        }
        FigureDraft.RelationDraft before = starts ? draft.start() : draft.end();
        FigureDraft.RelationDraft after = RelationWords.with(before, relation.get().text());
        draft = starts ? draft.withStart(after) : draft.withEnd(after);
        take(place(segment.from()), placeAfter(segment.to()), Place.field(starts ? "start/position" : "end/position"), relation.get().text());
        return true;
    }

    /** What contradicts the last row is said, not taken. */
    private boolean leaveFalse(Segment segment) {
        taken.remove(taken.size() - 1);
        leave(place(segment.from()), placeAfter(segment.to()), List.of());
        return true;
    }

    private boolean apply(Segment segment) {
        if (segment.column() == Column.FOOT_POSITION) {
            return position(segment);
        }
        if (segment.column() == Column.RISE) {
            return rise(segment);
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
            taken.set(taken.size() - 1, new Taken(place(segment.from()), placeAfter(segment.to()), rows().place(row, segment.column()), segment.text(), true));
        }
        return done;
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
            take(place(segment.from()), placeAfter(segment.to()), rows().place(rows().now(), Column.RISE), "");
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
        if (!colon && !(column == Column.COUNT && after < tokens.size() && countEnd(after) > after)) {
            return at;
        }
        int from = colon ? after + 1 : after;
        if (from >= tokens.size()) {
            return at;
        }
        return column == Column.COUNT && !rowNamed ? counts(at, from) : FREE.contains(column) ? ownWords(column, from) : cells(column, from);
    }

    private int counts(int at, int from) {
        String said = statement.text().substring(tokens.get(from).from());
        try {
            List<CountToken> marks = Counts.read(said, rows().size()).tokens();
            for (int row = 0; row < marks.size(); row++) {
                if (row >= rows().size()) {
                    rows().next();
                }
                put(row, Column.COUNT, marks.get(row).toString(), from, tokens.size());
            }
            return tokens.size();
        } catch (UnreadableTextException noCount) {
            return at;
        }
    }

    private int ownWords(Column column, int from) {
        if (rows().now() < 0) {
            return from - 1;
        }
        put(rows().now(), column, statement.text().substring(tokens.get(from).from()), from, tokens.size());
        return tokens.size();
    }

    /** The cells of all rows with commas between, or the cell of the row that is being told. */
    private int cells(Column column, int from) {
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
            return from;
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
            cell.ifPresentOrElse(segment -> put(of, column, segment.text(), piece[0], piece[1]), () -> leave(place(piece[0]), placeAfter(piece[1]), List.of()));
        }
        return tokens.size();
    }

    private boolean put(int row, Column column, String said, int from, int to) {
        if (!rows().put(row, column, said, amends && column != Column.ACTION)) {
            return false;
        }
        take(place(from), placeAfter(to), rows().place(row, column), said);
        return true;
    }

    private void take(int from, int to, Place place, String said) {
        taken.add(new Taken(from, to, place, said, false));
    }

    private void leave(int from, int to, List<String> nearest) {
        Leftover before = leftovers.isEmpty() ? null : leftovers.get(leftovers.size() - 1);
        if (before != null && before.to() <= from && text.substring(before.to(), from).isBlank()) {
            leftovers.set(leftovers.size() - 1, new Leftover(before.from(), to, text.substring(before.from(), to), nearest));
        } else {
            leftovers.add(new Leftover(from, to, text.substring(from, to), nearest));
        }
    }

    // What follows from what was told.

    private void deriveFromPartner(int from, int to) {
        Part told = part.partner();
        completeRows(told);
        derive(part, told);
        taken.add(new Taken(place(from), placeAfter(to), Place.chart(part), "the natural opposite", true));
    }

    private void derive(Part other, Part from) {
        FigureDraft known = draft.withMan(told.get(Part.MAN).drafts()).withLady(told.get(Part.LADY).drafts()).withBars("64");
        Optional<Figure> figure = DraftReader.read(from == Part.MAN ? known.withLady(known.man()) : known.withMan(known.lady()), List.of(dance)).figure();
        if (figure.isEmpty() || told.get(from).size() == 0) {
            return;
        }
        List<RowDraft> rows = DraftWriter.rows(PartnerPart.of(figure.get(), from));
        told.get(other).begin(rows);
        for (int row = 0; row < rows.size(); row++) {
            int at = row;
            rows.get(row).cells().forEach((column, cell) -> told.get(other).derive(at, column, cell));
        }
    }

    private void complete() {
        completeRows(Part.MAN);
        completeRows(Part.LADY);
        boolean one = told.get(Part.MAN).size() == 0 ^ told.get(Part.LADY).size() == 0;
        if (one) {
            Part from = told.get(Part.MAN).size() > 0 ? Part.MAN : Part.LADY;
            derive(from.partner(), from);
        }
        shareCounts();
        boolean bare = !draft.startAlignments().isEmpty() && told.get(Part.MAN).size() > 0 && told.get(Part.MAN).cell(0, Column.ALIGNMENT).isEmpty() && told.get(Part.MAN).cell(0, Column.TURN).isEmpty();
        if (bare) {
            told.get(Part.MAN).derive(0, Column.ALIGNMENT, draft.startAlignments().get(0));
        }
        length().ifPresent(bars -> draft = draft.withBars(bars));
        for (Part each : Part.values()) {
            endPosition(told.get(each));
        }
    }

    /** Feet that were not named follow one another; a dance in three is counted in three, if nothing else was said. */
    private void completeRows(Part of) {
        ToldRows rows = told.get(of);
        boolean counted = false;
        for (int row = 0; row < rows.size(); row++) {
            counted |= !rows.cell(row, Column.COUNT).isEmpty();
            Optional<Foot> before = Foot.LEXICON.find(rows.cell(row - 1, Column.FOOT));
            if (rows.cell(row, Column.FOOT).isEmpty() && before.isPresent() && before.get() != Foot.BOTH && !rows.cell(row, Column.FOOT_POSITION).isEmpty()) {
                rows.derive(row, Column.FOOT, before.get().other().shorthand());
            }
        }
        int beats = dance.rhythm().beatsPerBar();
        for (int row = 0; !counted && beats == 3 && row < rows.size(); row++) {
            rows.derive(row, Column.COUNT, String.valueOf(row % beats + 1));
        }
    }

    /** A count that was told for one of the two holds for the other, if it has as many rows. */
    private void shareCounts() {
        ToldRows man = told.get(Part.MAN);
        ToldRows lady = told.get(Part.LADY);
        for (int row = 0; man.size() == lady.size() && row < man.size(); row++) {
            share(man, lady, row);
            share(lady, man, row);
        }
    }

    private static void share(ToldRows from, ToldRows to, int row) {
        if (to.cell(row, Column.COUNT).isEmpty() && !from.cell(row, Column.COUNT).isEmpty()) {
            to.derive(row, Column.COUNT, from.cell(row, Column.COUNT));
        }
    }

    private Optional<String> length() {
        ToldRows rows = told.get(Part.MAN).size() > 0 ? told.get(Part.MAN) : told.get(Part.LADY);
        String count = java.util.stream.IntStream.range(0, rows.size()).mapToObj(row -> rows.cell(row, Column.COUNT)).collect(Collectors.joining(" "));
        try {
            Timing timing = Timing.of(dance.rhythm(), Counts.read(count), dance.rhythm().bar().times(DraftReader.MOST_BARS));
            Beats onset = timing.slots().get(timing.slots().size() - 1).onset();
            CountToken last = timing.slots().get(timing.slots().size() - 1).token();
            Beats length = timing.inWords() ? timing.length() : onset.fraction().equals(Beats.ZERO) ? onset.plus(Beats.of(last instanceof CountToken.Numbered numbered ? numbered.beats().size() : 1))
                    : Beats.of(onset.wholeBeats() + 1);
            return Optional.of(new Fraction(length.ticks(), dance.rhythm().bar().ticks()).toString());
        } catch (IllegalArgumentException | IndexOutOfBoundsException notCounted) {
            return Optional.empty();
        }
    }

    /** A figure whose last step is in promenade or outside partner ends there, if nothing else was said. */
    private void endPosition(ToldRows rows) {
        boolean said = taken.stream().anyMatch(each -> each.place().field().startsWith("end/"));
        if (!said && rows == told.get(Part.MAN) && rows.size() > 0) {
            draft = draft.withEnd(RelationWords.after(rows.drafts(), draft.start()));
        }
    }
}
