package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Place;
import fluidframe.core.phrase.Phrasebook;
import fluidframe.core.text.Token;
import fluidframe.core.text.Tokens;
import fluidframe.core.work.Stopping;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads the statements of a telling into rows: which of the two they speak of, which step, and what of it. */
final class StatementReader {

    /** How notes are headed: "M:", "W:". */
    private static final Map<String, Part> INITIALS = Map.of("m", Part.MAN, "g", Part.MAN, "w", Part.LADY);

    private final Sentence sentence;
    private final CellWords cellWords;
    private final ColumnWords columnWords;
    private final CountWords countWords;
    private final EndWords endWords;
    private final FootWords footWords;
    private final StepNames stepNames;
    private final TurnWords turnWords;
    private final WholeSentences wholeSentences;

    /**
     * @param amends whether what is told changes what is there
     * @param part whose steps are told until another is named
     */
    StatementReader(ToldFigure figure, Heard heard, boolean amends, Part part) {
        this.sentence = new Sentence(figure, heard, amends, part);
        this.countWords = new CountWords(sentence);
        this.endWords = new EndWords(sentence);
        this.cellWords = new CellWords(sentence, endWords);
        this.columnWords = new ColumnWords(sentence, cellWords, countWords);
        this.footWords = new FootWords(sentence);
        this.stepNames = new StepNames(sentence);
        this.turnWords = new TurnWords(sentence);
        this.wholeSentences = new WholeSentences(sentence, columnWords);
    }

    /** A sentence; its pieces may speak of the row that the first of them names. */
    void readSentence(Statement said) {
        sentence.begin();
        List<Token> words = Tokens.of(said.text());
        boolean column = Words.COLUMNS
                .longest(words, 0)
                .filter(match -> match.length() < words.size()
                        && words.get(match.length()).is(";"))
                .isPresent();
        List<Statement> pieces = column ? List.of(said) : said.pieces();
        if (!wholeSentences.readCellsOfRows(said) && !wholeSentences.readThroughout(said)) {
            pieces.forEach(this::read);
        }
        if (!sentence.amends && sentence.rows().isOnlyCounted()) {
            sentence.rows().rewind();
        }
    }

    private void read(Statement piece) {
        sentence.take(piece);
        sentence.end = Optional.empty();
        sentence.placedHere = false;
        int at = wholeSentences.readCounts() || wholeSentences.readArms() ? sentence.tokens.size() : initial();
        while (at < sentence.tokens.size()) {
            Stopping.check();
            at = readFrom(at);
        }
    }

    /** "M:", "W: …". */
    private int initial() {
        boolean headed = sentence.tokens.size() > 1
                && INITIALS.containsKey(sentence.tokens.get(0).word())
                && (sentence.tokens.get(1).is(";")
                        || Words.JOINTS
                                .longest(sentence.tokens, 1)
                                .filter(match -> match.meaning() == Words.Does.OPPOSITE)
                                .isPresent());
        if (!headed) {
            return 0;
        }
        sentence.part = INITIALS.get(sentence.tokens.get(0).word());
        return 1;
    }

    /** @return the next token to be read, always a later one */
    private int readFrom(int at) {
        Token token = sentence.tokens.get(at);
        if (at == 0 || sentence.tokens.get(at - 1).isBreak()) {
            whom(at).ifPresent(named -> sentence.part = named);
        }
        if (token.isBreak() || token.is("-") || token.is("/") || token.is("(") || token.is(")")) {
            return at + 1;
        }
        int read = columnWords.column(at);
        read = read > at ? read : stepNames.stepReference(at);
        read = read > at ? read : turnWords.less(at);
        read = read > at ? read : endWords.startOrEnd(at);
        read = read > at ? read : countWords.count(at);
        read = read > at ? read : cellWords.swayOn(at);
        read = read > at ? read : footWords.foot(at);
        read = read > at ? read : cellWords.segment(at);
        read = read > at ? read : joint(at);
        if (read > at) {
            return read;
        }
        sentence.heard.leave(sentence.place(at), sentence.statement.from() + token.to());
        return at + 1;
    }

    /** "(Sway left on two) for the man": whom the clause is told of, where that comes last. */
    private Optional<Part> whom(int at) {
        int end = sentence.clauseEnd(at);
        for (int to = end - 1; to > at && to >= end - 2; to--) {
            int from = sentence.tokens.get(to - 1).is("the") ? to - 2 : to - 1;
            Optional<Words.Does> named = Words.JOINTS
                    .longest(sentence.tokens, to)
                    .map(Phrasebook.Match::meaning)
                    .filter(does -> does == Words.Does.MAN || does == Words.Does.LADY);
            boolean him = sentence.tokens.get(to).is("him");
            if (from > at && sentence.tokens.get(from).is("for") && (named.isPresent() || him)) {
                return Optional.of(him ? Part.MAN : Words.part(named.get()));
            }
        }
        return Optional.empty();
    }

    /** "Man", "she", "the natural opposite", "second half". */
    private int joint(int at) {
        Optional<Phrasebook.Match<Words.Does>> match = Words.JOINTS.longest(sentence.tokens, at);
        if (match.isEmpty()) {
            return at;
        }
        int after = at + match.get().length();
        switch (match.get().meaning()) {
            case MAN, LADY -> {
                sentence.part = Words.part(match.get().meaning());
                sentence.rowNamed =
                        sentence.called.isPresent() && sentence.rows().go(sentence.called.getAsInt());
                if (sentence.amends) {
                    Optional<Integer> row = sentence.number(after);
                    if (row.isPresent() && sentence.rows().go(row.get() - 1)) {
                        sentence.rowNamed = true;
                        return after + 1;
                    }
                }
            }
            case OPPOSITE -> deriveFromPartner(at, after);
            case NOT_TILL -> {
                return turnWords.notTill(at, after);
            }
            default -> {}
        }
        return after;
    }

    private void deriveFromPartner(int from, int to) {
        Part told = sentence.part.partner();
        sentence.figure.completeRows(told);
        sentence.figure.derive(sentence.part, told);
        sentence.heard.derive(
                sentence.place(from), sentence.placeAfter(to), Place.chart(sentence.part), "the natural opposite");
    }
}
