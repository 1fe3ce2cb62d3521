package fluidframe.core.phrase;

import fluidframe.core.space.Side;
import fluidframe.core.space.Turn;
import fluidframe.core.step.BodyTurn;
import fluidframe.core.step.StepTurn;
import fluidframe.core.text.Fraction;
import fluidframe.core.text.Token;
import fluidframe.core.text.UnreadableTextException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * "Three eighths to the right, the body turning less", "1/4 L on the foot", "90° R". A size without its side is never
 * given one, and a number that can only be degrees is not taken for turns: both are offered.
 */
public final class TurnPhrasing implements Phrasing {

    private static final int WHOLE_DEGREES = 360;
    /** Nobody turns so many times on a step, so it must be degrees. */
    private static final int FEWEST_DEGREES = 22;

    private static final int MOST_WHOLES = 2;

    private enum Kind {
        UNIT,
        NUMBER,
        FRACTION,
        DEGREES,
        SIDE,
        ON,
        BODY,
        LESS,
        COMPLETES,
        BEGIN,
        CONTINUE,
        NONE,
        BETWEEN,
        DURING,
        IGNORED
    }

    private record Piece(Kind kind, int sixteenths, Optional<Side> side) {

        static Piece of(Kind kind) {
            return new Piece(kind, 0, Optional.empty());
        }

        static Piece of(Kind kind, int sixteenths) {
            return new Piece(kind, sixteenths, Optional.empty());
        }

        String shown() {
            return switch (kind) {
                case SIDE -> side.orElseThrow().letter();
                case UNIT -> new Turn(sixteenths).sizeText();
                case ON -> "on";
                case BODY, LESS -> "body less";
                case COMPLETES -> "body completes";
                case BEGIN -> "begin";
                case CONTINUE -> "cont";
                default -> "";
            };
        }
    }

    private static final Phrasebook<Piece> BOOK = new Phrasebook<Piece>()
            .say(Piece.of(Kind.UNIT, 1), "sixteenth|sixteenths|16th|16ths")
            .say(Piece.of(Kind.UNIT, 2), "eighth|eighths", "8 th|ths")
            .say(Piece.of(Kind.UNIT, 4), "quarter|quarters|qtr|qtrs|fourth|fourths")
            .say(Piece.of(Kind.UNIT, 8), "half|halves|halfway")
            .say(Piece.of(Kind.FRACTION, 24), "one and (a) half", "1 and (a) half")
            .say(Piece.of(Kind.FRACTION, 20), "one and (a) quarter", "1 and (a) quarter")
            .say(Piece.of(Kind.FRACTION, 28), "one and three quarters")
            .say(Piece.of(Kind.FRACTION, 18), "one and (an) eighth")
            .say(
                    Piece.of(Kind.FRACTION, 16),
                    "full|whole|complete (turn|spin)",
                    "one|1 full|whole|complete (turn|spin)",
                    "once round|around",
                    "one turn|spin",
                    "1 turn|spin")
            .say(
                    Piece.of(Kind.FRACTION, 32),
                    "twice round|around",
                    "two|2 full|whole|complete (turns|spins)",
                    "two|2 turns|spins")
            .say(Piece.of(Kind.NUMBER, 90), "ninety")
            .say(Piece.of(Kind.NUMBER, 45), "forty five")
            .say(Piece.of(Kind.NUMBER, 180), "one|a hundred (and) eighty")
            .say(Piece.of(Kind.NUMBER, 360), "three hundred (and) sixty")
            .say(Piece.of(Kind.DEGREES), "°|deg|degs|degree|degrees")
            .say(
                    new Piece(Kind.SIDE, 0, Optional.of(Side.RIGHT)),
                    "right|r|rt|rh|rightward|rightwards|clockwise|cw (side|hand)")
            .say(
                    new Piece(Kind.SIDE, 0, Optional.of(Side.LEFT)),
                    "left|l|lt|lh|leftward|leftwards|anticlockwise|counterclockwise|ccw|acw (side|hand)",
                    "anti|counter clockwise")
            .say(
                    Piece.of(Kind.ON),
                    "on",
                    "on (the) foot|rf|lf|ball|heel|toe",
                    "on (the) right|left|r|l|standing|supporting foot",
                    "on (the) ball|balls (of) (the) foot|rf|lf|feet",
                    "on both feet",
                    "swivel|swivelling|pivot|pivoting|spin|spinning|spiral|spiralling (turn) (on)")
            .say(Piece.of(Kind.BODY), "(the) body", "body turn|turns|turning", "(the) hips|shoulders")
            .say(
                    Piece.of(Kind.LESS),
                    "(turn|turns|turning) (slightly) less (turn)",
                    "turned less",
                    "does not turn fully",
                    "held back")
            .say(
                    Piece.of(Kind.COMPLETES),
                    "complete|completes|completed|completing|comp (the) (turn)",
                    "finishes (the) (turn)",
                    "catches up")
            .say(
                    Piece.of(Kind.BEGIN),
                    "begin|begins|beginning|commence|commences|commencing|start|starts|starting|com|comm|commg (to) (turn|turning|rotate)")
            .say(
                    Piece.of(Kind.CONTINUE),
                    "continue|continues|continuing|cont|keep|keeps|goes (on) (to) (turn|turning|rotate|rotating)",
                    "still turning")
            .say(Piece.of(Kind.NONE), "no turn|rotation", "none|nil|no|straight|0", "without turn|turning")
            .say(
                    Piece.of(Kind.IGNORED),
                    "turn|turns|turned|turning|rotate|rotates|rotation|made|make|makes",
                    "of a turn|revolution",
                    "th|ths")
            .say(Piece.of(Kind.BETWEEN), "between|btw|from (steps|step|counts|beats)")
            .say(Piece.of(Kind.DURING), "over|during|in (the) (step|count|beat)", "on (the) step|count|beat")
            .say(Piece.of(Kind.IGNORED), "steps|step|counts|count|beats|beat");

    @Override
    public List<String> nearest(String word) {
        return BOOK.nearest(word, Piece::shown);
    }

    @Override
    public Reading read(String text, Situation situation) {
        Sentence<Piece> sentence = Sentence.read(text, BOOK, TurnPhrasing::number);
        Clauses clauses = new Clauses(sentence, situation);
        return clauses.reading();
    }

    private static Optional<Piece> number(Token token) {
        if (token.word().indexOf('/') > 0) {
            try {
                return Optional.of(
                        Piece.of(Kind.FRACTION, Fraction.parse(token.word()).in(Turn.WHOLE)));
            } catch (ArithmeticException | UnreadableTextException finerThanASixteenth) {
                return Optional.empty();
            }
        }
        return Numbers.of(token).stream()
                .mapToObj(number -> Piece.of(Kind.NUMBER, number))
                .findFirst();
    }

    /** One thing that turns, and by how much. */
    private static final class Clause {
        private boolean on;
        private boolean body;
        private boolean less;
        private boolean completes;
        private Optional<Kind> phase = Optional.empty();
        private int size;
        /** Where "between an eighth and a quarter" was said. */
        private Optional<Integer> most = Optional.empty();

        private boolean sized;
        private boolean degrees;
        private Optional<Side> side = Optional.empty();
        private Sentence.Said<Piece> first;

        private boolean isEmpty() {
            return !on && !body && !less && !completes && phase.isEmpty() && !sized && side.isEmpty();
        }

        private boolean needsSide() {
            return !less && !completes && side.isEmpty() && (sized || phase.isPresent());
        }
    }

    private static final class Clauses {
        private final Sentence<Piece> sentence;
        private final Situation situation;
        private final List<Clause> clauses = new ArrayList<>();
        private final List<Sentence.Said<Piece>> pieces;
        private Clause now = new Clause();
        private boolean none;
        private boolean doubtful;

        Clauses(Sentence<Piece> sentence, Situation situation) {
            this.sentence = sentence;
            this.situation = situation;
            this.pieces = sentence.said().stream()
                    .filter(said -> said.meaning().kind() != Kind.IGNORED)
                    .toList();
            for (int at = 0; at < pieces.size(); at++) {
                at = take(at);
            }
            close();
        }

        /** @return the last piece that was taken */
        private int take(int at) {
            Sentence.Said<Piece> said = pieces.get(at);
            Piece piece = said.meaning();
            Optional<Piece> next =
                    at + 1 < pieces.size() ? Optional.of(pieces.get(at + 1).meaning()) : Optional.empty();
            switch (piece.kind()) {
                case NONE -> none = true;
                case SIDE -> {
                    startIf(now.side.isPresent(), said);
                    now.side = piece.side();
                }
                case DURING -> {
                    return during(at);
                }
                case ON -> {
                    if (now.sized
                            && next.filter(number -> number.kind() == Kind.NUMBER)
                                    .isPresent()
                            && (at + 2 >= pieces.size()
                                    || !measures(pieces.get(at + 2).meaning()))) {
                        return during(at);
                    }
                    boolean sideOfThis = now.side.isEmpty()
                            && next.filter(side -> side.kind() == Kind.SIDE).isPresent()
                            && (at + 2 >= pieces.size()
                                    || !measures(pieces.get(at + 2).meaning()));
                    startIf(
                            now.sized
                                    && !sideOfThis
                                    && next.filter(Clauses::measures).isPresent(),
                            said);
                    now.on = true;
                }
                case BODY -> {
                    startIf(now.sized && next.isPresent(), said);
                    now.body = true;
                }
                case LESS -> {
                    startIf(now.sized && now.side.isPresent(), said);
                    now.less = true;
                }
                case COMPLETES -> {
                    startIf(now.sized, said);
                    now.completes = true;
                }
                case BEGIN, CONTINUE -> {
                    startIf(!now.isEmpty(), said);
                    now.phase = Optional.of(piece.kind());
                }
                case FRACTION, UNIT -> size(piece.sixteenths(), said);
                case NUMBER -> {
                    return number(at, piece, next);
                }
                case BETWEEN -> {
                    return between(at);
                }
                default -> sentence.leave(said);
            }
            return at;
        }

        private int number(int at, Piece piece, Optional<Piece> next) {
            Sentence.Said<Piece> said = pieces.get(at);
            if (next.filter(unit -> unit.kind() == Kind.UNIT).isPresent()) {
                size(piece.sixteenths() * next.get().sixteenths(), said);
                return at + 1;
            }
            if (next.filter(fraction -> fraction.kind() == Kind.FRACTION && fraction.sixteenths() < Turn.WHOLE)
                    .isPresent()) {
                size(piece.sixteenths() * Turn.WHOLE + next.get().sixteenths(), said);
                return at + 1;
            }
            boolean saysDegrees =
                    next.filter(unit -> unit.kind() == Kind.DEGREES).isPresent();
            if (saysDegrees || piece.sixteenths() >= FEWEST_DEGREES) {
                int parts = piece.sixteenths() * Turn.WHOLE;
                if (parts % WHOLE_DEGREES == 0) {
                    size(parts / WHOLE_DEGREES, said);
                    now.degrees |= !saysDegrees;
                } else {
                    sentence.leave(said);
                }
                return saysDegrees ? at + 1 : at;
            }
            if (piece.sixteenths() <= MOST_WHOLES) {
                size(piece.sixteenths() * Turn.WHOLE, said);
            } else {
                sentence.leave(said);
            }
            return at;
        }

        /** "On 2", "over two steps": the row says so already, unless it is another one. */
        private int during(int at) {
            boolean counted =
                    at + 1 < pieces.size() && pieces.get(at + 1).meaning().kind() == Kind.NUMBER;
            boolean here = counted
                    && situation.row().stream()
                            .anyMatch(row -> row == pieces.get(at + 1).meaning().sixteenths());
            int last = counted ? at + 1 : at;
            while (counted
                    && last + 1 < pieces.size()
                    && pieces.get(last + 1).meaning().kind() == Kind.NUMBER) {
                last++;
            }
            for (int left = at; !here && left <= last; left++) {
                sentence.leave(pieces.get(left));
            }
            return last;
        }

        /** "Between an eighth and a quarter": either of them. */
        private boolean isRange(int at) {
            return at + 2 < pieces.size()
                    && pieces.subList(at + 1, at + 3).stream()
                            .allMatch(piece -> piece.meaning().kind() == Kind.FRACTION
                                    || piece.meaning().kind() == Kind.UNIT);
        }

        /** "Between 1 and 2": the row says so already, unless it is another one. */
        private int between(int at) {
            if (isRange(at)) {
                size(pieces.get(at + 1).meaning().sixteenths(), pieces.get(at));
                now.most = Optional.of(pieces.get(at + 2).meaning().sixteenths());
                return at + 2;
            }
            boolean two = at + 2 < pieces.size()
                    && pieces.get(at + 1).meaning().kind() == Kind.NUMBER
                    && pieces.get(at + 2).meaning().kind() == Kind.NUMBER;
            if (!two) {
                sentence.leave(pieces.get(at));
                return at;
            }
            int second = pieces.get(at + 2).meaning().sixteenths();
            boolean elsewhere = situation.row().stream().anyMatch(row -> row != second);
            if (elsewhere) {
                sentence.leave(pieces.get(at));
            }
            return at + 2;
        }

        private static boolean measures(Piece piece) {
            return piece.kind() == Kind.FRACTION
                    || piece.kind() == Kind.UNIT
                    || piece.kind() == Kind.NUMBER
                    || piece.kind() == Kind.SIDE;
        }

        private void size(int sixteenths, Sentence.Said<Piece> said) {
            startIf(now.sized || now.completes, said);
            now.size = sixteenths;
            now.sized = true;
            now.first = now.first == null ? said : now.first;
        }

        private void startIf(boolean full, Sentence.Said<Piece> said) {
            if (full) {
                close();
            }
            now.first = now.first == null ? said : now.first;
        }

        private void close() {
            if (!now.isEmpty()) {
                clauses.add(now);
            }
            now = new Clause();
        }

        private Reading reading() {
            clauses.removeIf(this::isNoTurn);
            leaveSecondTurn();
            if (clauses.isEmpty()) {
                return none && sentence.leftovers().isEmpty()
                        ? Reading.sure("0", List.of())
                        : new Reading(List.of(), false, sentence.leftovers());
            }
            Optional<Side> said = clauses.stream()
                    .map(clause -> clause.side)
                    .flatMap(Optional::stream)
                    .findFirst()
                    .or(situation::turning);
            boolean open = clauses.stream().anyMatch(Clause::needsSide);
            List<Side> sides = said.orElse(Side.RIGHT) == Side.RIGHT
                    ? List.of(Side.RIGHT, Side.LEFT)
                    : List.of(Side.LEFT, Side.RIGHT);
            boolean bare = clauses.stream()
                    .anyMatch(clause -> !clause.sized
                            && clause.side.isPresent()
                            && clause.phase.isEmpty()
                            && !clause.less
                            && !clause.completes);
            if (bare && !sentence.leftovers().isEmpty()) {
                return new Reading(List.of(), false, sentence.leftovers());
            }
            doubtful = open || bare || clauses.stream().anyMatch(clause -> clause.degrees || clause.most.isPresent());
            Set<String> shorthands = new LinkedHashSet<>();
            for (Side side : open ? sides : sides.subList(0, 1)) {
                for (Kind phase : bare ? List.of(Kind.CONTINUE, Kind.BEGIN) : List.of(Kind.BEGIN)) {
                    shorthands.add(turn(side, phase, false).toString());
                    shorthands.add(turn(side, phase, true).toString());
                }
            }
            return doubtful
                    ? new Reading(List.copyOf(shorthands), false, sentence.leftovers())
                    : Reading.sure(shorthands.iterator().next(), sentence.leftovers());
        }

        /** "1/4 between 1 and 2, 1/8 between 2 and 3": the second belongs to another row. */
        private void leaveSecondTurn() {
            List<Clause> plain = clauses.stream()
                    .filter(clause -> clause.sized && !clause.on && !clause.body && !clause.less && !clause.completes)
                    .toList();
            plain.stream().skip(1).forEach(clause -> {
                sentence.leave(clause.first);
                clauses.remove(clause);
            });
        }

        /** What a body cannot do is no turn. */
        private boolean isNoTurn(Clause clause) {
            boolean tooMuch = clause.sized && clause.size > MOST_WHOLES * Turn.WHOLE;
            boolean nothing = !clause.sized
                    && (clause.side.isEmpty() || clause.body)
                    && !clause.less
                    && !clause.completes
                    && clause.phase.isEmpty();
            if (tooMuch || nothing) {
                sentence.leave(clause.first);
            }
            return tooMuch || nothing;
        }

        private StepTurn turn(Side otherwise, Kind phaseOfBare, boolean atMost) {
            StepTurn turn = StepTurn.NONE;
            for (Clause clause : clauses) {
                Side side = clause.side.orElse(otherwise);
                Turn size = new Turn(side.sign() * (atMost ? clause.most.orElse(clause.size) : clause.size));
                if (clause.completes) {
                    turn = turn.withBody(new BodyTurn.Completes());
                } else if (clause.less) {
                    turn = turn.withBody(
                            new BodyTurn.Less(clause.sized ? new Turn(clause.size) : BodyTurn.USUALLY_LESS));
                } else if (!clause.sized) {
                    boolean begins = clause.phase.orElse(phaseOfBare) == Kind.BEGIN;
                    turn = turn.withPhase(Optional.of(new StepTurn.Phase(begins, side)));
                } else if (clause.body) {
                    turn = turn.withBody(new BodyTurn.Turns(size));
                } else {
                    turn = clause.on ? turn.withOn(size) : turn.withBetween(size);
                }
            }
            return turn;
        }
    }
}
