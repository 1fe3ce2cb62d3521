package fluidframe.core.talk;

import fluidframe.core.notation.Column;
import fluidframe.core.phrase.Leftover;
import fluidframe.core.phrase.Reading;
import fluidframe.core.phrase.Situation;
import fluidframe.core.text.Token;
import fluidframe.core.text.UnreadableTextException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Finds the words of a statement that fill one cell: a word that can only begin a cell of some column, and as much
 * after it as that column understands.
 */
final class Segments {

    /** The words with which a cell of a column begins in running speech. */
    private static final Map<Column, Set<String>> BEGINNINGS = new EnumMap<>(Map.of(
            Column.FOOT_POSITION,
                    Set.of(
                            "forward",
                            "forwards",
                            "fwd",
                            "half",
                            "almost",
                            "nearly",
                            "draw",
                            "draws",
                            "drawn",
                            "thru",
                            "feet",
                            "mark",
                            "back",
                            "backward",
                            "backwards",
                            "bk",
                            "side",
                            "sideways",
                            "sd",
                            "diagonally",
                            "diagonal",
                            "diag",
                            "close",
                            "closes",
                            "closing",
                            "closed",
                            "cl",
                            "cross",
                            "crosses",
                            "crossing",
                            "lock",
                            "locks",
                            "hook",
                            "hooks",
                            "xf",
                            "xb",
                            "replace",
                            "replaces",
                            "recover",
                            "recovers",
                            "brush",
                            "brushes",
                            "tap",
                            "taps",
                            "touch",
                            "touches",
                            "point",
                            "points",
                            "across",
                            "together",
                            "place",
                            "slightly",
                            "small",
                            "behind",
                            "in",
                            "to",
                            "step",
                            "steps",
                            "stepping",
                            "a",
                            "long",
                            "short",
                            "large",
                            "transfer",
                            "weight"),
            Column.ALIGNMENT,
                    Set.of(
                            "facing",
                            "faces",
                            "face",
                            "fcg",
                            "backing",
                            "backs",
                            "bkg",
                            "pointing",
                            "points",
                            "ptg",
                            "moving",
                            "f",
                            "b",
                            "p",
                            "m",
                            "dc",
                            "dw",
                            "lod",
                            "alod",
                            "down",
                            "looking",
                            "toe",
                            "toes"),
            Column.TURN,
                    Set.of(
                            "turn",
                            "turns",
                            "turning",
                            "quarter",
                            "half",
                            "eighth",
                            "sixteenth",
                            "three",
                            "five",
                            "seven",
                            "one",
                            "a",
                            "an",
                            "full",
                            "whole",
                            "body",
                            "the",
                            "begin",
                            "begins",
                            "beginning",
                            "commence",
                            "commences",
                            "continue",
                            "continues",
                            "cont",
                            "no",
                            "on",
                            "swivelling",
                            "less",
                            "start",
                            "starts"),
            Column.FOOTWORK,
                    Set.of("heel", "toe", "toes", "ball", "flat", "whole", "inside", "outside", "ie", "oe", "wf"),
            Column.RISE,
                    Set.of(
                            "rise",
                            "rises",
                            "rising",
                            "begin",
                            "begins",
                            "beginning",
                            "commence",
                            "commences",
                            "commencing",
                            "start",
                            "starts",
                            "continue",
                            "continues",
                            "continuing",
                            "cont",
                            "up",
                            "remain",
                            "remains",
                            "rem",
                            "stay",
                            "stays",
                            "lower",
                            "lowers",
                            "lowering",
                            "no",
                            "nfr",
                            "body",
                            "cr",
                            "lo",
                            "br",
                            "full",
                            "fall",
                            "falls"),
            Column.SWAY, Set.of("sway", "sways", "swaying", "swayed", "no", "slight", "body"),
            Column.CBM, Set.of("cbm", "contrary", "with", "in"),
            Column.ACTION,
                    Set.of(
                            "pivot",
                            "pivots",
                            "pivoting",
                            "swivel",
                            "swivels",
                            "swivelling",
                            "spin",
                            "spins",
                            "spiral",
                            "spirals",
                            "heel",
                            "lock",
                            "locks",
                            "locking",
                            "check",
                            "checks",
                            "checking",
                            "checked",
                            "hover",
                            "hovers",
                            "ronde",
                            "flick",
                            "kick",
                            "lunge",
                            "dip",
                            "twist",
                            "appel",
                            "stamp",
                            "hop",
                            "drag",
                            "rock",
                            "spot",
                            "same",
                            "pose",
                            "bow"),
            Column.BODY,
                    Set.of(
                            "hip",
                            "hips",
                            "settle",
                            "settles",
                            "ribs",
                            "rib",
                            "bounce",
                            "bouncing",
                            "stretch",
                            "roll",
                            "figure"),
            Column.RELATION,
                    Set.of(
                            "promenade",
                            "pp",
                            "in",
                            "into",
                            "closed",
                            "fallaway",
                            "fan",
                            "open",
                            "counter",
                            "cpp",
                            "shadow",
                            "double",
                            "both",
                            "release",
                            "releasing",
                            "hold",
                            "side",
                            "left",
                            "right",
                            "no",
                            "apart",
                            "outside",
                            "op",
                            "extended",
                            "contact",
                            "tandem",
                            "close",
                            "partner")));
    /** Where two columns understand equally many words, the first of these. */
    private static final List<Column> ORDER = List.of(
            Column.FOOT_POSITION,
            Column.ALIGNMENT,
            Column.TURN,
            Column.RISE,
            Column.FOOTWORK,
            Column.SWAY,
            Column.CBM,
            Column.ACTION,
            Column.RELATION,
            Column.BODY);

    private static final Pattern LETTERS_OF_THE_FOOT = Pattern.compile("[HTBF]{1,4}");
    private static final Set<String> SPEAKING_OF_SWAY = Set.of("sway", "sways", "swaying", "swayed");
    private static final Set<String> SPEAKING_OF_TURN = Set.of(
            "turn",
            "turns",
            "turning",
            "quarter",
            "quarters",
            "half",
            "eighth",
            "eighths",
            "sixteenth",
            "sixteenths",
            "°",
            "degrees",
            "deg",
            "degree",
            "body");

    /** Words that belong to what follows. */
    private static final Set<String> JOINS = Set.of("on", "at", "and", "the", "with", "then", "a", "his", "her", ",");

    private static final Set<String> DOUBTFUL_RELATION =
            Set.of("left", "right", "close", "closed", "side", "both", "no", "in", "partner");
    /** What goes on after these "to the right" is no step. */
    private static final Set<String> TURNING =
            Set.of("turn", "turns", "turning", "turned", "body", "sway", "sways", "look", "looks", "head");

    private static final Set<String> BARE_FEET = Set.of("right", "left", "r", "l", "rt", "lt");
    private static final Set<String> OF_THE_BODY =
            Set.of("shoulder", "sway", "hip", "hips", "hand", "hands", "leading", "lead");
    /** Positions that are danced on either side. */
    private static final Set<String> OF_EITHER_SIDE = Set.of("by", "shadow");

    private static final Set<String> SPEAKING_OF_RELATION = Set.of(
            "hand",
            "hands",
            "hold",
            "position",
            "shadow",
            "by",
            "facing",
            "promenade",
            "pp",
            "cpp",
            "fallaway",
            "handshake");

    /** After these the foot that crosses may be named before the one that is crossed. */
    static final Set<String> CROSSING = Set.of("cross", "crosses", "crossing", "lock", "locks", "hook", "hooks");

    /** No cell is said in more. */
    private static final int MOST_WORDS = 30;

    private final String text;
    private final List<Token> tokens;

    Segments(String text, List<Token> tokens) {
        this.text = text;
        this.tokens = tokens;
    }

    /** The longest run of words from a token on, up to a comma, that fills one cell. */
    Optional<Segment> at(int from, int end, Situation situation) {
        Segment longest = null;
        boolean sideBySide = from + 1 < tokens.size()
                && tokens.get(from).is("side")
                && tokens.get(from + 1).is("by");
        for (Column column : ORDER) {
            boolean elsewhere = column == Column.FOOT_POSITION
                    && (sideBySide
                            || tokens.get(from).is("to")
                                    && from > 0
                                    && TURNING.contains(tokens.get(from - 1).word()));
            if (begins(column, from) && !elsewhere) {
                Optional<Segment> found = read(column, from, end, situation, false);
                if (found.isPresent() && (longest == null || better(found.get(), longest))) {
                    longest = found.get();
                }
            }
        }
        return Optional.ofNullable(longest);
    }

    private static boolean better(Segment one, Segment other) {
        return one.sure() != other.sure() ? one.sure() && one.to() >= other.to() - 1 : one.to() > other.to();
    }

    /** All the words up to a token as a cell of a column, or nothing. */
    Optional<Segment> whole(Column column, int from, int end, Situation situation) {
        return read(column, from, end, situation, true).filter(segment -> segment.to() == end);
    }

    private boolean begins(Column column, int from) {
        Token token = tokens.get(from);
        boolean letters = column == Column.FOOTWORK
                && LETTERS_OF_THE_FOOT
                        .matcher(text.substring(token.from(), token.to()))
                        .matches();
        return letters || begins(column, token);
    }

    /** Whether a word can be the first of a cell. */
    static boolean begins(Column column, Token token) {
        return column == Column.TURN && token.isNumber()
                || BEGINNINGS.get(column).contains(token.word());
    }

    /**
     * A foot that is named with its own step, not as the one that is closed to or crossed, ends the words about where
     * it goes.
     */
    private int ownFoot(int from, int end) {
        for (int at = from + (CROSSING.contains(tokens.get(from).word()) ? 2 : 1); at < end; at++) {
            boolean named = BARE_FEET.contains(tokens.get(at).word())
                            && !(at + 1 < tokens.size()
                                    && (OF_THE_BODY.contains(tokens.get(at + 1).word())
                                            || isSideOfBody(tokens, at + 1)))
                    || tokens.get(at).is("rf")
                    || tokens.get(at).is("lf");
            int before = at - 1;
            while (before > from
                    && Set.of("the", "his", "her", "on")
                            .contains(tokens.get(before).word())) {
                before--;
            }
            boolean sideBySide = at + 2 < tokens.size()
                    && tokens.get(at).is("side")
                    && tokens.get(at + 1).is("by");
            if (sideBySide) {
                return at;
            }
            if (named
                    && !Set.of(
                                    "to",
                                    "of",
                                    "behind",
                                    "front",
                                    "past",
                                    "over",
                                    "onto",
                                    "slightly",
                                    "sl",
                                    "slight",
                                    "little",
                                    "across")
                            .contains(tokens.get(before).word())) {
                return at;
            }
        }
        return end;
    }

    /** @param named whether the column was named, so that the words need not tell it */
    private Optional<Segment> read(Column column, int from, int end, Situation situation, boolean named) {
        int last = Math.min(end, from + MOST_WORDS);
        int to = column == Column.FOOT_POSITION ? ownFoot(from, last) : last;
        while (!named && to > from && joins(to - 1)) {
            to--;
        }
        while (to > from) {
            String said =
                    text.substring(tokens.get(from).from(), tokens.get(to - 1).to());
            Reading reading = column.phrasing().read(said, situation);
            if (reading.leftovers().isEmpty()) {
                boolean likely = reading.sure()
                        || column == Column.TURN && saysTurn(from, to)
                        || column == Column.FOOT_POSITION
                        || column == Column.RELATION && says(OF_EITHER_SIDE, from, to);
                if (reading.shorthands().isEmpty() || !likely || !named && !speaksOf(column, from, to)) {
                    return Optional.empty();
                }
                Optional<Segment> segment = segment(column, reading, from, to);
                if (segment.isPresent() || named) {
                    return segment;
                }
                to--;
                continue;
            }
            to = tokenAt(
                    tokens.get(from).from()
                            + reading.leftovers().stream()
                                    .mapToInt(Leftover::from)
                                    .min()
                                    .orElseThrow(),
                    from);
            while (!named && to > from && joins(to - 1)) {
                to--;
            }
        }
        return Optional.empty();
    }

    /** "(Left) side leading", "(left) side by side": not "left side", which is a foot and where it goes. */
    static boolean isSideOfBody(List<Token> tokens, int at) {
        boolean goesOn = at + 1 < tokens.size()
                && Set.of("lead", "leading", "leads", "ldg", "by", "stretch", "forward")
                        .contains(tokens.get(at + 1).word());
        boolean ofSomebody = at > 1
                && Set.of("the", "on", "his", "her", "partners", "mans", "ladys", "with")
                        .contains(tokens.get(at - 2).word());
        return tokens.get(at).is("side") && (goesOn || ofSomebody);
    }

    private boolean joins(int at) {
        return JOINS.contains(tokens.get(at).word())
                || tokens.get(at).is("no") && at > 0 && tokens.get(at - 1).is(",");
    }

    /** None where the words contradict each other: then the last of them belongs to something else. */
    private static Optional<Segment> segment(Column column, Reading reading, int from, int to) {
        try {
            return Optional.of(
                    new Segment(column, column.canonical(reading.shorthands().get(0)), reading.sure(), from, to));
        } catch (UnreadableTextException contradictsItself) {
            return Optional.empty();
        }
    }

    private int tokenAt(int place, int from) {
        int at = from;
        while (at < tokens.size() && tokens.get(at).from() < place) {
            at++;
        }
        return at;
    }

    /** A side alone is no sway, and a number alone is no turn. */
    private boolean speaksOf(Column column, int from, int to) {
        return switch (column) {
            case SWAY -> says(SPEAKING_OF_SWAY, from, to);
            case TURN -> saysTurn(from, to);
            case RELATION ->
                !DOUBTFUL_RELATION.contains(tokens.get(from).word()) || says(SPEAKING_OF_RELATION, from, to);
            default -> true;
        };
    }

    private boolean saysTurn(int from, int to) {
        return says(SPEAKING_OF_TURN, from, to)
                || tokens.subList(from, to).stream()
                        .anyMatch(token -> token.word().indexOf('/') > 0);
    }

    private boolean says(Set<String> words, int from, int to) {
        return tokens.subList(from, to).stream().anyMatch(token -> words.contains(token.word()));
    }
}
