package fluidframe.core.step;

import fluidframe.core.space.Side;
import fluidframe.core.space.Turn;
import fluidframe.core.text.PlainText;
import fluidframe.core.text.UnreadableTextException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The turn of one row: {@code 1/4 R}, {@code on 1/2 L}, {@code 3/8 R, body less}, {@code body completes}.
 *
 * @param between turn of the foot between the previous step and this one
 * @param on turn on this foot after it is placed
 * @param body what the body does about it
 * @param phase to which side the body begins to turn, or goes on turning, without a size
 */
public record StepTurn(Turn between, Turn on, BodyTurn body, Optional<Phase> phase) {

    /**
     * A turn of which only the side is told.
     *
     * @param begins whether it begins here, although nothing has turned so far; otherwise it goes on
     * @param side to which side
     */
    public record Phase(boolean begins, Side side) {

        private String wording() {
            return (begins ? StepSentences.beginsToTurnToThe() : StepSentences.goesOnTurningToThe()) + side.wording();
        }

        @Override
        public String toString() {
            return (begins ? "begin " : "cont ") + side.letter();
        }
    }

    public static final StepTurn NONE = new StepTurn(Turn.NONE, Turn.NONE, new BodyTurn.Follows(), Optional.empty());

    private static final String EXPECTED = StepSentences.aTurnSuchAs14();
    private static final String SIZE = "[\\d/½¼¾⅛⅜⅝⅞ ]{1,16}";
    private static final Pattern FRACTION = Pattern.compile("\\d ?/ ?\\d");
    private static final Pattern CLAUSE = Pattern.compile(
            (" ?[,;]? ?(?:(?<phase>begin|commence|com|cont) ?(?:to turn ?)?(?<side>L|R)(?!\\w)"
                            + "|body (?:turns )?(?:(?<completes>completes?|comp)(?!\\w)|less(?: (?<less>[\\d/½¼¾⅛⅜⅝⅞]{1,8}(?: \\d{1,2}/\\d{1,2})?))?|(?<body>SIZE[LR])(?!\\w))"
                            + "|(?<on>on )?(?<turn>SIZE[LR])(?!\\w)) ?")
                    .replace("SIZE", SIZE),
            Pattern.CASE_INSENSITIVE);

    /** @throws UnreadableTextException naming the text that is no turn */
    public static StepTurn parse(String text) {
        if (text.isBlank() || text.strip().equals("-") || text.strip().equals("0")) {
            return NONE;
        }
        StepTurn read = NONE;
        String plain = PlainText.ofLine(text).text();
        Matcher matcher = CLAUSE.matcher(plain);
        int at = 0;
        while (at < plain.length()) {
            if (!matcher.region(at, plain.length()).lookingAt()) {
                throw new UnreadableTextException(plain.substring(at).strip(), EXPECTED, nearest(plain));
            }
            read = read.with(matcher);
            at = matcher.end();
        }
        return read;
    }

    private static List<String> nearest(String text) {
        Matcher number = FRACTION.matcher(text);
        String size = number.find() ? number.group().replace(" ", "") : "1/4";
        return List.of(size + " R", size + " L", "on " + size + " R");
    }

    private StepTurn with(Matcher clause) {
        if (clause.group("phase") != null) {
            boolean left = clause.group("side").equalsIgnoreCase("L");
            return withPhase(Optional.of(
                    new Phase(!clause.group("phase").equalsIgnoreCase("cont"), left ? Side.LEFT : Side.RIGHT)));
        }
        if (clause.group("turn") != null) {
            Turn turn = Turn.parse(clause.group("turn"));
            return clause.group("on") != null ? withOn(turn) : withBetween(turn);
        }
        return withBody(bodyTurn(clause));
    }

    private static BodyTurn bodyTurn(Matcher clause) {
        if (clause.group("completes") != null) {
            return new BodyTurn.Completes();
        }
        if (clause.group("body") != null) {
            return new BodyTurn.Turns(Turn.parse(clause.group("body")));
        }
        String less = clause.group("less");
        return new BodyTurn.Less(less == null ? BodyTurn.USUALLY_LESS : Turn.parseSize(less));
    }

    public StepTurn withBetween(Turn turn) {
        return new StepTurn(turn, on, body, phase);
    }

    public StepTurn withOn(Turn turn) {
        return new StepTurn(between, turn, body, phase);
    }

    public StepTurn withBody(BodyTurn other) {
        return new StepTurn(between, on, other, phase);
    }

    public StepTurn withPhase(Optional<Phase> other) {
        return new StepTurn(between, on, body, other);
    }

    public StepTurn mirrored() {
        return new StepTurn(
                between.mirrored(),
                on.mirrored(),
                body.mirrored(),
                phase.map(each -> new Phase(each.begins(), each.side().other())));
    }

    public String wording() {
        List<String> said = new ArrayList<>();
        phase.map(Phase::wording).ifPresent(said::add);
        if (!between.isNone()) {
            said.add(between.sizeText() + " to the "
                    + between.side().orElseThrow().wording());
        }
        if (!on.isNone()) {
            said.add(StepSentences.onTheFootToThe(
                    on.sizeText(), on.side().orElseThrow().wording()));
        }
        if (!(body instanceof BodyTurn.Follows)) {
            said.add(body.wording());
        }
        return String.join(", ", said);
    }

    @Override
    public String toString() {
        List<String> said = new ArrayList<>();
        phase.map(Phase::toString).ifPresent(said::add);
        if (!between.isNone()) {
            said.add(between.toString());
        }
        if (!on.isNone()) {
            said.add("on " + on);
        }
        if (!(body instanceof BodyTurn.Follows)) {
            said.add(body.toString());
        }
        return String.join(", ", said);
    }
}
