package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.phrase.Numbers;
import fluidframe.core.phrase.Situation;
import fluidframe.core.space.Side;
import fluidframe.core.step.Foot;
import fluidframe.core.text.Token;
import fluidframe.core.text.Tokens;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/** A sentence while it is read: its words, whom and which row it speaks of by now, and what it has said of them. */
final class Sentence {

    private static final Set<String> FEET = Set.of("right", "left", "rf", "lf", "r", "l", "rt", "lt", "both");

    final ToldFigure figure;
    final Heard heard;
    final boolean amends;
    final Map<Part, Side> turning = new EnumMap<>(Part.class);
    Part part;
    /** What the statement is about, if not the rows: how the figure starts or ends. */
    Optional<Words.Does> end = Optional.empty();

    Statement statement;
    List<Token> tokens;
    Segments segments;
    /** Whether the sentence has named the row it speaks of. */
    boolean rowNamed;
    /** Whether this piece of it has said where the foot goes; its foot may come after that. */
    boolean placedHere;
    /** The rows that it named for what it spoke of last. */
    final List<Integer> rowsSpokenOf = new ArrayList<>();
    /** What the sentence spoke of last. */
    Column spokenOf = Column.NOTE;
    /** The row the sentence has called by its number; it holds for the other of the two as well. */
    OptionalInt called = OptionalInt.empty();

    /**
     * @param amends whether what is told changes what is there
     * @param part whose steps are told until another is named
     */
    Sentence(ToldFigure figure, Heard heard, boolean amends, Part part) {
        this.figure = figure;
        this.heard = heard;
        this.amends = amends;
        this.part = part;
    }

    /** Another sentence begins: no row is named in it yet. */
    void begin() {
        rowNamed = false;
        called = OptionalInt.empty();
        spokenOf = Column.NOTE;
    }

    /** A piece of it that is read now. */
    void take(Statement piece) {
        statement = piece;
        tokens = Tokens.of(piece.text());
        segments = new Segments(piece.text(), tokens);
    }

    ToldRows rows() {
        return figure.rows(part);
    }

    int place(int at) {
        return statement.from() + tokens.get(at).from();
    }

    int placeAfter(int at) {
        return statement.from() + tokens.get(at - 1).to();
    }

    Optional<Integer> number(int at) {
        OptionalInt number = at < tokens.size() ? Numbers.of(tokens.get(at)) : OptionalInt.empty();
        return number.isPresent() && number.getAsInt() <= DraftReader.MOST_ROWS
                ? Optional.of(number.getAsInt())
                : Optional.empty();
    }

    int clauseEnd(int at) {
        int end = at;
        while (end < tokens.size() && !tokens.get(end).isBreak()) {
            end++;
        }
        return end;
    }

    Situation situation() {
        Optional<Foot> foot = Foot.LEXICON.find(rows().cell(rows().now(), Column.FOOT));
        return Situation.UNKNOWN
                .withTurning(Optional.ofNullable(turning.getOrDefault(part, turning.get(part.partner()))))
                .withFoot(foot);
    }

    boolean put(int row, Column column, String said, int from, int to) {
        if (!rows().put(row, column, said, amends && column != Column.ACTION)) {
            return false;
        }
        heard.take(place(from), placeAfter(to), rows().place(row, column), said);
        return true;
    }

    boolean isFoot(int at) {
        if (at >= tokens.size() || !FEET.contains(tokens.get(at).word())) {
            return false;
        }
        boolean side = !tokens.get(at).is("rf")
                && !tokens.get(at).is("lf")
                && at + 1 < tokens.size()
                && (Set.of("shoulder", "sway", "hand", "hip", "hands")
                                .contains(tokens.get(at + 1).word())
                        || Segments.isSideOfBody(tokens, at + 1));
        boolean towards = at > 0
                        && Set.of("to", "sway", "sl", "slightly", "of", "behind", "across", "over", "past")
                                .contains(tokens.get(at - 1).word())
                || at > 1 && tokens.get(at - 1).is("the") && tokens.get(at - 2).is("to");
        boolean bothDance = tokens.get(at).is("both")
                && (at + 1 >= tokens.size() || !tokens.get(at + 1).is("feet"));
        return !side && !towards && !bothDance;
    }

    /** What commas and semicolons part. */
    List<int[]> pieces(int from) {
        List<int[]> pieces = new ArrayList<>();
        int begin = from;
        for (int at = from; at <= tokens.size(); at++) {
            if (at == tokens.size() || tokens.get(at).isBreak()) {
                if (at > begin) {
                    pieces.add(new int[] {begin, at});
                }
                begin = at + 1;
            }
        }
        return pieces;
    }
}
